package stoutblade.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.part.Assembly;
import stoutblade.part.Bought;
import stoutblade.part.Next;
import stoutblade.part.Part;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.shape.Node;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;

/** Parts that stand next to one another on a line, as beads on a thread. */
class NextTest {

  private static Project then(Project project, Change edit) {
    return edit.in(Prop.FIRST).applyTo(project);
  }

  private static WholeOutline plate(double wide, double high) {
    return new WholeOutline(
        List.of(
            Node.corner(-wide / 2, 0),
            Node.corner(wide / 2, 0),
            Node.corner(wide / 2, high),
            Node.corner(-wide / 2, high)));
  }

  /** What a part covers on the prop, by JTS. */
  private static Envelope covers(Project project, String id) {
    Prop prop = project.first();
    Envelope all = new Envelope();
    for (Spot spot : Assembly.of(prop.parts()).spots().get(id)) {
      for (Path line : prop.needed(id).seen()) {
        for (Point place : line.flattened(0.001)) {
          Point at = spot.place(place);
          all.expandToInclude(at.x(), at.y());
        }
      }
    }
    return all;
  }

  /** A plate, a ring, a prism, a pipe: each on the one before, whatever the sizes. */
  @Property(tries = 60)
  void beads_touch_whatever_their_kind_and_size(@ForAll long seed) {
    Random random = new Random(seed);
    Project project =
        then(
            Samples.bare(),
            PartEdits.addPlate("Plate", plate(60, 30 + random.nextDouble() * 200), 10));
    Map<String, Double> ring = new HashMap<>(Map.of("across", 40.0, "foam", 5.0));
    ring.put("width", 10 + random.nextDouble() * 60);
    project = then(project, PartEdits.addShape("Ring", "ring", ring));
    project = then(project, PartEdits.addShape("Prism", "prism", Map.of()));
    project = then(project, PartEdits.addBought("Pipe", new Bought("pipe", "", 300, 21, 120, 2)));
    double gap = Math.rint(random.nextDouble() * 20);
    boolean below = random.nextBoolean();
    for (int i = 2; i <= 4; i++) {
      Next next = new Next("d" + (i - 1), below, gap);
      project = then(project, Followers.next("d" + i, Optional.of(next)));
    }
    touch(project, below, gap);

    double longer = 50 + random.nextDouble() * 300;
    Project grown = then(project, OutlineEdits.length("d1", longer));
    touch(grown, below, gap);
    Project moved = then(grown, PartEdits.move("d1", new Point(13, -70)));
    touch(moved, below, gap);
    assertThat(covers(moved, "d4").getMinX() - covers(grown, "d4").getMinX())
        .isCloseTo(13, within(1e-9));
  }

  private static void touch(Project project, boolean below, double gap) {
    for (int i = 2; i <= 4; i++) {
      Envelope one = covers(project, "d" + (i - 1));
      Envelope next = covers(project, "d" + i);
      double free = below ? one.getMinY() - next.getMaxY() : next.getMinY() - one.getMaxY();
      assertThat(free).isCloseTo(gap, within(0.05));
      assertThat((next.getMinX() + next.getMaxX() - one.getMinX() - one.getMaxX()) / 2)
          .isCloseTo(0, within(0.05));
    }
  }

  @Test
  void a_bead_stays_next_to_its_carrier_and_the_next_bead_is_one_more() {
    Project project = then(Samples.bare(), PartEdits.addPlate("Blade", plate(60, 400), 10));
    project = then(project, PartEdits.addPlate("Guard", plate(120, 20), 10));
    project = then(project, PartEdits.fix("d2", "d1"));
    project = then(project, Followers.next("d2", Optional.of(new Next("d1", true, 2))));
    assertThat(covers(project, "d2").getMaxY()).isCloseTo(-2, within(1e-9));

    Project more = then(project, PartEdits.again("d2"));
    assertThat(covers(more, "d3").getMaxY()).isCloseTo(-2 - 20 - 2, within(1e-9));
    Project without = then(more, PartEdits.remove("d2"));
    Part left = without.first().needed("d3");
    assertThat(left.placing().next()).as("it stays where it was").isEmpty();
    assertThat(covers(without, "d3").getMaxY()).isCloseTo(-24, within(1e-9));
  }

  @Test
  void what_stands_next_to_another_is_not_moved_alone_nor_stands_next_to_itself() {
    Project project = then(Samples.bare(), PartEdits.addPlate("Blade", plate(60, 400), 10));
    project = then(project, PartEdits.addPlate("Guard", plate(120, 20), 10));
    Project next = then(project, Followers.next("d2", Optional.of(new Next("d1", true, 0))));

    assertThatThrownBy(() -> then(next, PartEdits.move("d2", new Point(5, 0))))
        .hasMessageContaining("Guard stands next to Blade");
    assertThatThrownBy(
            () -> then(next, PartEdits.place("d2", "Up", it -> it.at(Where.At.of(0, 9)))))
        .hasMessageContaining("let it stand by itself");
    assertThatThrownBy(
            () -> then(next, Followers.next("d1", Optional.of(new Next("d2", false, 0)))))
        .hasMessageContaining("cannot stand next to");
    assertThatThrownBy(() -> new Next("d1", true, Double.NaN)).hasMessageContaining("within 2 m");
    Project free = then(next, Followers.next("d2", Optional.empty()));
    assertThat(then(free, PartEdits.move("d2", new Point(5, 0)))).isNotEqualTo(free);
  }
}
