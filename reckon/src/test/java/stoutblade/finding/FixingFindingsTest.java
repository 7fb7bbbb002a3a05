package stoutblade.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import stoutblade.core.CoreChoice;
import stoutblade.derive.Derived;
import stoutblade.feature.Feature;
import stoutblade.feature.Lightening;
import stoutblade.feature.Where;
import stoutblade.layer.Layers;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;

/** Screws with too little foam, and lightening that cannot be cut, with their mends. */
class FixingFindingsTest {

  private static final WholeOutline BOARD =
      new WholeOutline(
          List.of(
              Node.corner(-150, -100),
              Node.corner(150, -100),
              Node.corner(150, 100),
              Node.corner(-150, 100)));

  private static Feature screws(Where where) {
    return new Feature("f1", Feature.Kind.FIXING, Map.of("head", 20.0, "clear", 10.0), "", where);
  }

  private static Feature field(Map<String, Double> sizes) {
    return new Feature("f2", Feature.Kind.LIGHTENING, sizes, "", Where.At.of(0, 0));
  }

  private static Part board(int layers, Feature... features) {
    return Samples.plate("d1", "Board", BOARD, List.of(features), "foam", 10, Placing.USUAL)
        .withLayering(Layering.of(layers, "foam", 10, Profile.FLAT));
  }

  private static Project with(Part part) {
    return First.withParts(Samples.whole(), List.of(part));
  }

  private static Optional<Finding> finding(Project project, String id) {
    return Samples.derive(project).findings().stream()
        .filter(it -> it.id().endsWith("draft.d1." + id))
        .findFirst();
  }

  private static void mended(Project project, String id) {
    Finding found = finding(project, id).orElseThrow();
    assertThat(found.mends()).isNotEmpty();
    found
        .mends()
        .forEach(
            it ->
                assertThat(finding(it.in(Prop.FIRST).applyTo(project), id))
                    .as(it.toString())
                    .isEmpty());
  }

  @Test
  void a_screw_near_the_edge_another_a_pocket_or_the_core_is_found_and_moved() {
    assertThat(finding(with(board(3, screws(Where.At.of(60, 0)))), "f1.clear")).isEmpty();
    Project edge = with(board(3, screws(Where.At.of(135, 0))));
    assertThat(finding(edge, "f1.clear").orElseThrow().title()).contains("an edge");
    mended(edge, "f1.clear");

    Where close = new Where.Row(new Point(40, -10), new Point(40, 15), 2);
    Project two = with(board(3, screws(close)));
    assertThat(finding(two, "f1.clear").orElseThrow().why()).contains("5 mm is left");

    Feature pocket =
        new Feature("f3", Feature.Kind.RECESS, Map.of("over", 10.0), "", Where.At.of(80, 0));
    Project pocketed = with(board(3, screws(Where.At.of(60, 0)), pocket));
    assertThat(finding(pocketed, "f1.clear").orElseThrow().title()).contains("a magnet");
    mended(pocketed, "f1.clear");

    Part cored =
        board(3, screws(Where.At.of(8, 0)))
            .withCore(Optional.of(new CoreChoice("tube-10", -50, 150, 0)));
    assertThat(finding(with(cored), "f1.clear").orElseThrow().title()).contains("the core");
    assertThat(finding(with(cored.withCore(Optional.empty())), "f1.clear")).isEmpty();
  }

  @Test
  void a_field_in_no_layer_with_no_room_or_under_a_bevel_is_found_and_mended() {
    assertThat(finding(with(board(3, field(Map.of()))), "f2.layer")).isEmpty();
    mended(with(board(2, field(Map.of()))), "f2.layer");
    mended(with(board(3, field(Map.of("across", 140.0)))), "f2.none");
    mended(with(board(3, field(Map.of("across", 2.0, "web", 0.5)))), "f2.many");
    Part bevelled =
        board(3, field(Map.of("rim", 10.0)))
            .withLayering(Layering.of(3, "foam", 10, Profile.bevel(30, 4)));
    mended(with(bevelled), "f2.bevel");
  }

  /** Volume, weight and balance follow the holes in the layers that have them, and no others. */
  @Test
  void the_middle_layer_alone_is_lighter_by_its_holes() {
    PartReckoning solid = reckoned(board(3));
    PartReckoning lighter = reckoned(board(3, field(Map.of())));
    Lightening holes = lighter.form().orElseThrow().lightened().getFirst();
    Layers before = solid.layers().orElseThrow();
    Layers after = lighter.layers().orElseThrow();

    assertThat(holes.holes()).hasSizeGreaterThan(10);
    assertThat(before.volume().value() - after.volume().value())
        .isCloseTo(10 * holes.areaMm2(), within(1.0));
    assertThat(before.each().get(1).cut().area() - after.each().get(1).cut().area())
        .isCloseTo(holes.areaMm2(), within(0.1));
    assertThat(after.each().get(0).cut().area()).isCloseTo(300 * 200, within(1e-6));
    double saved =
        after.figures().stream()
            .filter(it -> it.id().equals("layers.saved"))
            .findFirst()
            .orElseThrow()
            .value();
    assertThat(before.mass().value() - after.mass().value()).isCloseTo(saved, within(1e-3));
  }

  /** A core in the part moves the holes out of its way; one without leaves them. */
  @Test
  void holes_make_room_for_the_core_that_is_chosen() {
    Part part = board(3, field(Map.of()));
    Part cored = part.withCore(Optional.of(new CoreChoice("tube-10", 0, 200, 0)));

    assertThat(count(cored)).isLessThan(count(part));
    assertThat(reckoned(cored).form().orElseThrow().lightened().getFirst().holes())
        .allSatisfy(
            hole ->
                assertThat(hole.flattened(0.1))
                    .allSatisfy(it -> assertThat(Math.abs(it.x())).isGreaterThan(5 + 12 - 0.01)));
  }

  private static int count(Part part) {
    return reckoned(part).form().orElseThrow().lightened().getFirst().holes().size();
  }

  private static PartReckoning reckoned(Part part) {
    return Samples.derive(with(part)).first().parts().getFirst();
  }

  /** Two boards of four screws each are one line of eight; they weigh, and have a step. */
  @Test
  void fixings_are_bought_weighed_and_set() {
    Where four = new Where.Row(new Point(-100, 60), new Point(100, 60), 4);
    Part part = board(3, screws(four)).withPlacing(Placing.USUAL.made(2, 0));
    Derived derived = Samples.derive(with(part));

    assertThat(derived.shopping().orElseThrow().lines())
        .anySatisfy(
            it -> {
              assertThat(it.name()).contains("T-nut").contains("30");
              assertThat(it.buy().value()).isEqualTo(8);
            });
    PartReckoning own = derived.first().parts().getFirst();
    double foam = own.layers().orElseThrow().mass().value();
    assertThat(own.mass().orElseThrow().value()).isCloseTo(2 * (foam + 4 * 12), within(1e-6));
    assertThat(derived.plan().orElseThrow().steps()).anyMatch(it -> it.id().endsWith("/fixings"));
  }
}
