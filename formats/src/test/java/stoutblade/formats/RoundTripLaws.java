package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import stoutblade.demo.Demo;
import stoutblade.edit.Change;
import stoutblade.edit.Edit;
import stoutblade.edit.Edits;
import stoutblade.edit.Followers;
import stoutblade.edit.LayerEdits;
import stoutblade.edit.OutlineEdits;
import stoutblade.edit.PartEdits;
import stoutblade.edit.SizeEdits;
import stoutblade.edit.WearerEdits;
import stoutblade.feature.Feature;
import stoutblade.feature.Where;
import stoutblade.measure.EntryException;
import stoutblade.measure.LengthEntry;
import stoutblade.measure.Units;
import stoutblade.part.Follow;
import stoutblade.part.Part;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.reference.Ruler;
import stoutblade.reference.SizingRule;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.wearer.ShownCharacter;
import stoutblade.wearer.Wearer;

class RoundTripLaws {

  private static final String SIGNS = "0123456789 ./,'\"-+*()½mcinft×x\u00a0e";

  @Property(tries = 60)
  void any_parts_read_back_as_they_were_written(@ForAll long seed) throws IOException {
    Random random = new Random(seed);
    Project project = FormatSamples.demo().project();
    for (int i = 0; i < 14; i++) {
      try {
        project =
            partEdit(random, project.needed(Demo.TIDEGATE)).in(Demo.TIDEGATE).applyTo(project);
      } catch (IllegalArgumentException e) {
        assertThat(e.getMessage()).isNotBlank();
      }
    }

    assertThat(ProjectFile.parse("x.stout", ProjectFile.json(project))).isEqualTo(project);
  }

  private static Change partEdit(Random random, Prop prop) {
    List<String> ids = prop.parts().stream().map(Part::id).toList();
    String id = ids.get(random.nextInt(ids.size()));
    double mm = 300 * random.nextDouble() - 40;
    return switch (random.nextInt(14)) {
      case 11 -> Followers.add("Rim", Follow.on(id).withOffset(mm / 20), 5);
      case 12 -> Followers.follow(id, Optional.of(Follow.on("d" + (1 + random.nextInt(6)))));
      case 13 ->
          PartEdits.addCutOut(id, WholeOutline.circle(new Point(0, 0), 9), Where.At.of(9, mm));
      case 0 -> PartEdits.move(id, new Point(mm, -mm));
      case 1 -> PartEdits.fix(id, ids.get(random.nextInt(ids.size())));
      case 2 -> PartEdits.remove(id);
      case 3 -> PartEdits.again(id);
      case 4 ->
          PartEdits.addFeature(
              id,
              List.of(Feature.Kind.values()).get(random.nextInt(14)),
              random.nextBoolean() ? "TIDE" : "",
              random.nextBoolean()
                  ? Where.At.of(mm, 3)
                  : new Where.Row(new Point(0, 0), new Point(mm, 9), 1 + random.nextInt(9)));
      case 5 -> OutlineEdits.node(id, random.nextInt(4), "Arc", it -> it.withBulge(mm / 200));
      case 6 ->
          OutlineEdits.node(
              id, random.nextInt(4), "Ease", it -> it.with(Node.Kind.ROUND).withEase(mm));
      case 7 -> OutlineEdits.whole(id);
      case 8 -> PartEdits.addShape("Ring", "ring", Map.of("across", mm));
      case 9 -> PartEdits.addFlat("Patch", "faces", prop.parts().getFirst().developed().panels());
      default ->
          PartEdits.place(id, "Made", it -> it.made(1 + random.nextInt(5), random.nextInt(3)));
    };
  }

  @Property(tries = 60)
  void any_project_reads_back_as_it_was_written(@ForAll long seed) throws IOException {
    Random random = new Random(seed);
    Project project = FormatSamples.demo().project();
    for (int i = 0; i < 12; i++) {
      try {
        project = edit(random).in(Prop.FIRST).applyTo(project);
      } catch (IllegalArgumentException e) {
        assertThat(e.getMessage()).isNotBlank();
      }
    }

    assertThat(ProjectFile.parse("x.stout", ProjectFile.json(project))).isEqualTo(project);
  }

  private static Change edit(Random random) {
    return switch (random.nextInt(13)) {
      case 0 -> LayerEdits.bevel(Demo.LEAF, random.nextDouble() * 60 - 5);
      case 1 ->
          WearerEdits.add(
              Prop.FIRST,
              new Wearer("W" + (char) random.nextInt(32, 9000), 1000 + random.nextDouble() * 1000));
      case 2 -> Edits.withoutCore(Demo.LEAF);
      case 3 -> Edits.coreEnd(Demo.LEAF, random.nextDouble() * 700 - 100);
      case 4 ->
          OutlineEdits.addNode(
              Demo.LEAF, 1, Node.curve(random.nextDouble() * 90, random.nextDouble() * 500));
      case 5 -> Edits.coats(Demo.LEAF, "gold", random.nextInt(30));
      case 6 -> Edits.onShelf("gold", random.nextGaussian() * 1e5);
      case 7 ->
          SizeEdits.character(
              random.nextBoolean()
                  ? Optional.empty()
                  : Optional.of(new ShownCharacter("B", 900 + random.nextDouble() * 900)));
      case 8 ->
          new Edit("Rule", draft -> First.rule(rule(random), draft).in(Prop.FIRST).applyTo(draft));
      case 9 ->
          SizeEdits.ruler(
              "p1", Ruler.of("r" + (1 + random.nextInt(5)), "Ruler", SizeSamples.by(random)));
      case 10 -> SizeEdits.measure("p1", SizeSamples.measure(random));
      case 11 -> SizeEdits.addModel(SizeSamples.model(random));
      default ->
          Edits.startClock(
              "step" + random.nextInt(3), java.time.Instant.ofEpochSecond(random.nextInt()));
    };
  }

  private static SizingRule rule(Random random) {
    return random.nextBoolean()
        ? new SizingRule.Blend(random.nextDouble())
        : new SizingRule.Target(100 + 3000 * random.nextDouble());
  }

  /** Whatever is typed: a length, or a message; nothing else is ever thrown. */
  @Property(tries = 3000)
  void whatever_is_typed_gives_a_length_or_a_reason(@ForAll long seed) {
    Random random = new Random(seed);
    StringBuilder typed = new StringBuilder();
    for (int i = random.nextInt(14); i >= 0; i--) {
      typed.append(SIGNS.charAt(random.nextInt(SIGNS.length())));
    }
    try {
      double mm = LengthEntry.parse(typed.toString(), Units.INCHES);
      assertThat(Math.abs(mm)).isLessThanOrEqualTo(LengthEntry.LIMIT_MM);
    } catch (EntryException e) {
      assertThat(e.getMessage()).isNotBlank();
    }
  }
}
