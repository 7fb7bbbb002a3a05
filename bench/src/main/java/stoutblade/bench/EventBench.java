package stoutblade.bench;

import java.io.IOException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import stoutblade.demo.Demo;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.edit.OutlineEdits;
import stoutblade.formats.CatalogueFile;
import stoutblade.formats.ShippedTypeface;
import stoutblade.measure.Units;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.shape.Point;

/** An event with twelve props of forty parts each: opened, and one node of one part moved. */
final class EventBench {

  private static final int PROPS = 12;
  private static final int PARTS = 40;
  private static final int EDITS = 100;
  private static final int WARM_UP = 20;
  private static final int NODE = 4;

  private EventBench() {}

  /** The demo, worked out. */
  static Derived demo() throws IOException {
    LocalDateTime now = LocalDateTime.now(Clock.systemUTC());
    return reckoner().derive(Demo.open(now).project(), now, Units.METRIC);
  }

  /** Runs it and prints times, and what one edit worked out anew. */
  static void run() throws IOException {
    LocalDateTime now = LocalDateTime.now(Clock.systemUTC());
    Project event = event(Demo.open(now).project());
    for (String how : List.of("first", "again, warm")) {
      // As the window opens it: the prop that is looked at, then the others.
      Reckoner opening = reckoner();
      long start = System.nanoTime();
      opening.deriveAlone(event, event.first().id(), Units.METRIC);
      double looked = since(start);
      opening.derive(event, now, Units.METRIC);
      System.out.printf(
          "12 props of 40 parts worked out, %s: the first after %.0f ms, all after %.0f ms%n",
          how, looked, since(start));
    }
    Reckoner reckoner = reckoner();
    Derived before = reckoner.derive(event, now, Units.METRIC);
    List<Double> millis = new ArrayList<>();
    String id = event.first().parts().getFirst().id();
    Point at = OutlineEdits.of(event.first(), id).nodes().get(NODE).at();
    Derived after = before;
    for (int i = 0; i < EDITS; i++) {
      Point to = at.plus(new Point(0.01 * (i + 1), 0));
      long start = System.nanoTime();
      Project changed = OutlineEdits.moveNode(id, NODE, to).in(event.first().id()).applyTo(event);
      before = after;
      after = reckoner.derive(changed, now, Units.METRIC);
      if (i >= WARM_UP) {
        millis.add(since(start));
      }
    }
    Collections.sort(millis);
    System.out.printf(
        "one node of one part moved: median %.0f ms, 95 %% below %.0f ms%n",
        millis.get(millis.size() / 2), millis.get(millis.size() * 95 / 100));
    System.out.println("worked out anew by it: " + anew(before, after));
  }

  private static Reckoner reckoner() {
    return new Reckoner(CatalogueFile.shipped(), new ShippedTypeface());
  }

  private static double since(long start) {
    return (System.nanoTime() - start) / 1e6;
  }

  /** The parts of the demo again and again. */
  private static Project event(Project demo) {
    List<Part> kinds = demo.props().stream().flatMap(it -> it.parts().stream()).toList();
    Prop like = demo.first();
    List<Prop> props =
        IntStream.rangeClosed(1, PROPS)
            .mapToObj(
                number ->
                    new Prop(
                        "p" + number,
                        "Prop " + number,
                        like.wearerId(),
                        like.size(),
                        like.defaults(),
                        parts(kinds)))
            .toList();
    return new Project(
        demo.name(),
        demo.event(),
        demo.freeHours(),
        demo.shelf(),
        demo.leftovers(),
        demo.cutting(),
        demo.paper(),
        demo.journal(),
        demo.wearers(),
        props);
  }

  private static List<Part> parts(List<Part> kinds) {
    return IntStream.rangeClosed(1, PARTS)
        .mapToObj(
            number -> {
              Part kind = kinds.get((number - 1) % kinds.size());
              return kind.withId("d" + number)
                  .withName(kind.name() + " " + number)
                  .withPlacing(Placing.USUAL);
            })
        .toList();
  }

  @SuppressWarnings("ReferenceEquality") // what was not worked out anew is the same object
  private static String anew(Derived before, Derived after) {
    long props =
        IntStream.range(0, PROPS)
            .filter(i -> before.props().get(i) != after.props().get(i))
            .count();
    long parts =
        IntStream.range(0, before.parts().size())
            .filter(i -> before.parts().get(i) != after.parts().get(i))
            .count();
    return "%d of %d props, %d of %d parts, the list %s, the plan %s"
        .formatted(
            props,
            PROPS,
            parts,
            before.parts().size(),
            before.shopping().equals(after.shopping()) ? "not" : "too",
            before.plan().equals(after.plan()) ? "not" : "too");
  }
}
