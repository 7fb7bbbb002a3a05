package stoutblade.project;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import stoutblade.build.FreeHours;
import stoutblade.core.CoreChoice;
import stoutblade.event.Event;
import stoutblade.finish.Coats;
import stoutblade.journal.Journal;
import stoutblade.layer.Layering;
import stoutblade.part.Blade;
import stoutblade.reference.Reference;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.template.Paper;

/** The edits of all stations but Size, whose edits are {@link SizeEdits}. */
public final class Edits {

  private static final int WIDTH_ROUNDS = 4;

  private Edits() {}

  // == NAMES

  public static Edit name(String name) {
    return new Edit("Name the prop", project -> project.withName(name.strip()));
  }

  public static Edit bladeName(String name) {
    return new Edit(
        "Name the blade",
        project -> project.withBlade(new Blade(name.strip(), project.blade().half())));
  }

  // == PARTS

  /** Keeps a bench sum as a part. */
  public static Edit addPart(String name, String sum, Map<String, Double> sizes) {
    return new Edit(
        "New part: " + name,
        project -> {
          List<ShapedPart> parts = new ArrayList<>(project.parts());
          String id = Reference.next("d", parts.stream().map(ShapedPart::id).toList());
          parts.add(new ShapedPart(id, name, sum, sizes, 1));
          return project.withParts(parts);
        });
  }

  /** Changes a part. */
  public static Edit part(String id, String what, UnaryOperator<ShapedPart> change) {
    return new Edit(
        what,
        project ->
            project.withParts(
                project.parts().stream()
                    .map(it -> it.id().equals(id) ? change.apply(it) : it)
                    .toList()));
  }

  public static Edit removePart(String id) {
    return new Edit(
        "Remove a part",
        project ->
            project.withParts(project.parts().stream().filter(it -> !it.id().equals(id)).toList()));
  }

  // == DRAFT

  /** Adds a node before the given place. */
  public static Edit addNode(int index, Node node) {
    return onOutline("Add a node", half -> half.inserted(index, node));
  }

  /** Moves a node; onto the centre line within the snap distance. */
  public static Edit moveNode(int index, Point to) {
    return onOutline(
        "Move node " + (index + 1), half -> half.with(index, half.nodes().get(index).movedTo(to)));
  }

  /** Makes a corner of a curve or a curve of a corner. */
  public static Edit turnNode(int index) {
    return onOutline("Corner or curve", half -> half.with(index, half.nodes().get(index).turned()));
  }

  public static Edit removeNode(int index) {
    return onOutline(
        "Remove node " + (index + 1),
        half -> {
          if (index == 0 && half.nodes().size() > 1) {
            Point second = half.nodes().get(1).at();
            return half.with(1, half.nodes().get(1).movedTo(new Point(second.x(), 0))).without(0);
          }
          return half.without(index);
        });
  }

  /** Replaces the whole outline. */
  public static Edit outline(HalfOutline outline) {
    return onOutline("Draw the outline", half -> outline);
  }

  /**
   * Enlarges the outline along the blade so that it gets a length; its widths stay.
   *
   * @param mm the new length from base to tip
   */
  public static Edit length(double mm) {
    return onOutline(
        "Set the length",
        half -> {
          double old = half.nodes().stream().mapToDouble(node -> node.at().y()).max().orElse(0);
          if (!(mm > 0) || old <= 0) {
            throw new IllegalArgumentException("A blade has a length above 0; found " + mm + " mm");
          }
          return stretched(half, 1, mm / old);
        });
  }

  /**
   * Enlarges the outline across the blade so that it gets a greatest width; its length stays.
   * Curves do not follow a stretch quite evenly, so it is repeated until the width is met.
   */
  public static Edit width(double mm) {
    return onOutline(
        "Set the width",
        half -> {
          HalfOutline stretched = half;
          for (int i = 0; i < WIDTH_ROUNDS; i++) {
            double now = halfWidth(stretched);
            if (!(mm > 0) || now <= 0) {
              throw new IllegalArgumentException(
                  "A blade has a width above 0; found " + mm + " mm");
            }
            stretched = stretched(stretched, mm / 2 / now, 1);
          }
          return stretched;
        });
  }

  private static double halfWidth(HalfOutline half) {
    return half.outline().flattened(0.01).stream().mapToDouble(Point::x).max().orElse(0);
  }

  private static HalfOutline stretched(HalfOutline half, double across, double along) {
    return new HalfOutline(
        half.nodes().stream()
            .map(node -> node.movedTo(new Point(node.at().x() * across, node.at().y() * along)))
            .toList());
  }

  private static Edit onOutline(String name, UnaryOperator<HalfOutline> change) {
    return new Edit(
        name,
        project -> project.withBlade(project.blade().with(change.apply(project.blade().half()))));
  }

  // == LAYERS AND CORE

  public static Edit foam(String foamId, double thicknessMm) {
    return onLayers("Choose the foam", it -> it.withFoam(foamId, thicknessMm));
  }

  public static Edit bevel(double mm) {
    return onLayers("Bevel width", it -> it.withBevel(mm));
  }

  public static Edit edgeThickness(double mm) {
    return onLayers("Edge thickness", it -> it.withEdge(mm));
  }

  private static Edit onLayers(String name, UnaryOperator<Layering> change) {
    return new Edit(name, project -> project.withLayering(change.apply(project.layering())));
  }

  /** Lays a core in the blade, or another rod in the same place. */
  public static Edit rod(String rodId, CoreChoice atFirst) {
    return new Edit(
        "Choose the core",
        project ->
            project.withCore(
                Optional.of(project.core().map(core -> core.withRod(rodId)).orElse(atFirst))));
  }

  public static Edit withoutCore() {
    return new Edit("No core", project -> project.withCore(Optional.empty()));
  }

  public static Edit coreStart(double mm) {
    return onCore("Core starts", core -> core.withStart(mm));
  }

  public static Edit coreEnd(double mm) {
    return onCore("Core ends", core -> core.withEnd(mm));
  }

  public static Edit coreHeldAt(double mm) {
    return onCore("Held at", core -> core.withHeldAt(mm));
  }

  private static Edit onCore(String name, UnaryOperator<CoreChoice> change) {
    return new Edit(
        name,
        project ->
            project.withCore(
                Optional.of(
                    change.apply(
                        project
                            .core()
                            .orElseThrow(
                                () -> new IllegalArgumentException("Choose a core first"))))));
  }

  // == CUT AND BUILD

  public static Edit paper(Paper paper) {
    return new Edit("Paper", project -> project.withPaper(paper));
  }

  public static Edit event(Event event) {
    return new Edit("The event", project -> project.withEvent(event));
  }

  public static Edit freeHours(FreeHours hours) {
    return new Edit("Free hours", project -> project.withFreeHours(hours));
  }

  public static Edit startClock(String stepId, Instant spreadAt) {
    return onJournal("Start the glue clock", it -> it.withClock(stepId, spreadAt));
  }

  public static Edit stopClock(String stepId) {
    return onJournal("Stop the glue clock", it -> it.withoutClock(stepId));
  }

  // == FINISH

  /** Plans a number of coats of a coating; 0 takes it out of the plan. */
  public static Edit coats(String coatingId, int count) {
    return new Edit(
        "Coats",
        project -> {
          List<Coats> changed = new ArrayList<>(project.coats());
          int at = changed.stream().map(Coats::coatingId).toList().indexOf(coatingId);
          if (count == 0) {
            changed.removeIf(it -> it.coatingId().equals(coatingId));
          } else if (at >= 0) {
            changed.set(at, new Coats(coatingId, count));
          } else {
            changed.add(new Coats(coatingId, count));
          }
          return project.withCoats(changed);
        });
  }

  /** Plans all coats anew, in their order. */
  public static Edit allCoats(List<Coats> coats) {
    return new Edit("Order of coats", project -> project.withCoats(coats));
  }

  /** States what is on the shelf of a coating, in mm³. */
  public static Edit onShelf(String coatingId, double mm3) {
    return new Edit(
        "On the shelf",
        project -> {
          Map<String, Double> changed = new TreeMap<>(project.shelf());
          changed.put(coatingId, mm3);
          return project.withShelf(changed);
        });
  }

  // == LOG

  public static Edit done(Journal.Done done) {
    return onJournal("Step done", it -> it.with(done).withoutClock(done.stepId()));
  }

  public static Edit notDone(String stepId) {
    return onJournal("Step not done", it -> it.without(stepId));
  }

  public static Edit built(Journal.Built built) {
    return onJournal("Measure the built blade", it -> it.withBuilt(built));
  }

  private static Edit onJournal(String name, UnaryOperator<Journal> change) {
    return new Edit(name, project -> project.withJournal(change.apply(project.journal())));
  }
}
