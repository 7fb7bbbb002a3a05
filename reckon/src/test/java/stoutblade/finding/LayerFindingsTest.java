package stoutblade.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.edit.Change;
import stoutblade.edit.LayerEdits;
import stoutblade.feature.Feature;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Recess;
import stoutblade.feature.Where;
import stoutblade.layer.Pocket;
import stoutblade.measure.Units;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.Sheet;
import stoutblade.template.Stroke;
import stoutblade.template.Template;

/** What is wrong with layers and with what is laid into them, and that each mend mends it. */
class LayerFindingsTest {

  private static Project blade(double... sheets) {
    List<Sheet> all = new java.util.ArrayList<>();
    for (double mm : sheets) {
      all.add(Sheet.of("foam", mm));
    }
    return First.with(
        First.withCore(Samples.whole(), Optional.empty()), Layering.of(all, Profile.FLAT));
  }

  private static Project with(Project project, double x, double y, Map<String, Double> sizes) {
    Feature recess = new Feature("f1", Feature.Kind.RECESS, sizes, "", Where.At.of(x, y));
    return First.withFeatures(project, List.of(recess));
  }

  private static Map<String, Double> magnet(double deep, double over) {
    return Map.of("long", 10.0, "deep", deep, "over", over);
  }

  private static Optional<Finding> finding(Project project, String id) {
    return Samples.derive(project).findings().stream()
        .filter(it -> it.id().startsWith("layers.d1." + id))
        .findFirst();
  }

  private static Project mended(Project project, String id) {
    return finding(project, id).orElseThrow().mends().getFirst().in(Prop.FIRST).applyTo(project);
  }

  private static List<Pocket> pockets(Project project) {
    Derived derived = Samples.derive(project);
    PlateForm form = First.form(derived).orElseThrow();
    return Pocket.of(form, First.layers(derived).orElseThrow());
  }

  @Test
  void a_magnet_inside_is_sound() {
    assertThat(finding(with(blade(10, 10), 0, 150, magnet(3, 8)), "recess")).isEmpty();
  }

  @Test
  void a_magnet_too_near_the_edge_is_moved_in() {
    Project near = with(blade(10, 10), 43, 150, magnet(3, 8));

    assertThat(finding(near, "recess-f1-0.edge").orElseThrow().title()).contains("a magnet");
    assertThat(finding(mended(near, "recess-f1-0.edge"), "recess-f1-0.edge")).isEmpty();
  }

  /** The hole lies within the pocket: all round the pocket there is foam enough. */
  @Test
  void a_hole_through_a_pocket_is_found_and_the_pocket_moved() {
    Feature hole =
        new Feature("f2", Feature.Kind.HOLE, Map.of("across", 3.0), "", Where.At.of(1, 150));
    Project holed = withHole(magnet(3, 8), hole);

    assertThat(finding(holed, "recess-f1-0.hole").orElseThrow().title()).contains("a magnet");
    assertThat(finding(holed, "recess-f1-0.edge")).isEmpty();
    assertThat(finding(mended(holed, "recess-f1-0.hole"), "recess")).isEmpty();

    Map<String, Double> nut = new java.util.HashMap<>(magnet(3, 8));
    nut.put("what", Recess.What.NUT.number());
    assertThat(finding(withHole(nut, hole), "recess")).as("a bolt goes through").isEmpty();
  }

  private static Project withHole(Map<String, Double> sizes, Feature hole) {
    Feature recess = new Feature("f1", Feature.Kind.RECESS, sizes, "", Where.At.of(0, 150));
    return First.withFeatures(blade(10, 10), List.of(recess, hole));
  }

  @Test
  void a_magnet_too_near_a_face_is_laid_in_the_middle() {
    Project near = with(blade(10, 10), 0, 150, magnet(3, 1));

    assertThat(finding(near, "recess-f1-0.face").orElseThrow().why()).contains("1 mm behind");
    assertThat(finding(mended(near, "recess-f1-0.face"), "recess")).isEmpty();
  }

  @Test
  void a_battery_too_thick_for_the_blade_is_cut_less_deep() {
    Project thick = with(blade(10, 10), 0, 150, magnet(17, 2));

    assertThat(finding(mended(thick, "recess-f1-0.face"), "recess")).isEmpty();
  }

  /** 15 deep wants 21: two sheets of 12 are the first that hold it. */
  @Test
  void thicker_layers_hold_what_these_do_not() {
    Project deep = with(blade(10, 10), 0, 150, magnet(15, 2));
    Finding thin = finding(deep, "recess-f1-0.face").orElseThrow();

    Change thicker = thin.mends().getLast();
    assertThat(thicker.name()).isEqualTo("Layers of 12 mm, and in the middle");
    Project mended = thicker.in(Prop.FIRST).applyTo(deep);
    assertThat(First.layering(mended).thicknessMm()).isEqualTo(24);
    assertThat(First.features(mended).getFirst().size("over")).isEqualTo(4.5);
    assertThat(finding(mended, "recess-f1-0.face")).isEmpty();
  }

  /** A battery wants a way to it; the hatch that is put in front of it lets it be reached. */
  @Test
  void a_battery_that_is_shut_in_gets_a_hatch() {
    Map<String, Double> battery =
        Map.of("what", 2.0, "long", 30.0, "wide", 20.0, "deep", 8.0, "over", 6.0);
    Project shut = with(blade(10, 10), 0, 150, battery);

    assertThat(finding(shut, "recess-f1-0.shut").orElseThrow().title()).contains("shut in");
    Project open = mended(shut, "recess-f1-0.shut");
    assertThat(finding(open, "recess-f1-0.shut")).isEmpty();
    assertThat(First.features(open).getLast().size("what")).isEqualTo(6);
    assertThat(finding(with(blade(10, 10), 0, 150, magnet(3, 8)), "recess-f1-0.shut")).isEmpty();
  }

  @Test
  void what_lies_in_the_way_of_the_core_is_moved_aside() {
    Project cored = First.withCore(blade(10, 10), First.core(Samples.whole()));
    Project inTheWay = with(cored, 2, 150, magnet(3, 8));

    assertThat(finding(mended(inTheWay, "recess-f1-0.core"), "recess-f1-0.core")).isEmpty();
  }

  /** In every layer the pocket takes what the recess and the layer have in common. */
  @ParameterizedTest
  @CsvSource({
    // sheets from the back, floor, depth, layers hit, depths, opens at the front
    "10;10,  8, 3, 1;2,   2;1,    true;false",
    "10;10,  4, 3, 1,     6,      true",
    "10;10, 14, 3, 2,     7,      false",
    "6;8;6,  6, 8, 2,     8,      true",
    "6;8;6,  5, 10, 1;2;3, 1;8;1, true;true;false",
  })
  void pockets_are_cut_from_the_face_that_they_open_on(
      String sheets, double over, double deep, String layers, String depths, String fronts) {
    double[] thick =
        java.util.Arrays.stream(sheets.split(";", -1)).mapToDouble(Double::parseDouble).toArray();

    List<Pocket> found = pockets(with(blade(thick), 0, 150, magnet(deep, over)));

    assertThat(found.stream().map(it -> Integer.toString(it.layer().number())).toList())
        .containsExactly(layers.split(";", -1));
    for (int i = 0; i < found.size(); i++) {
      assertThat(found.get(i).depthMm())
          .isCloseTo(Double.parseDouble(depths.split(";", -1)[i]), within(1e-9));
      assertThat(found.get(i).front()).isEqualTo(Boolean.parseBoolean(fronts.split(";", -1)[i]));
    }
  }

  @Test
  void templates_say_how_deep_a_pocket_is_and_when_it_is_filled() {
    Derived derived = Samples.derive(with(blade(10, 10), 0, 150, magnet(3, 4)));

    List<Template> templates = First.templates(derived);

    assertThat(templates).as("the layers differ now").hasSize(2);
    Template back = templates.getLast();
    assertThat(back.kinds()).contains(Stroke.Kind.POCKET);
    assertThat(back.labels())
        .anyMatch(
            it ->
                it.text()
                    .equals(
                        "Pocket for a magnet, 6 mm deep from the front; fill it before this face is"
                            + " glued"));
    assertThat(templates.getFirst().kinds()).doesNotContain(Stroke.Kind.POCKET);
  }

  @Test
  void a_recess_takes_its_volume_and_a_hatch_has_a_lid() {
    double without = First.layers(Samples.derive(blade(10, 10))).orElseThrow().volume().value();
    Project hatch =
        with(
            blade(10, 10),
            0,
            150,
            Map.of("what", 6.0, "long", 40.0, "wide", 20.0, "deep", 10.0, "over", 0.0));
    Derived derived = Samples.derive(hatch);
    double lid = First.form(derived).orElseThrow().piecePanels().getFirst().area();

    assertThat(lid).isCloseTo(52 * 32, within(0.1));
    assertThat(without - First.layers(derived).orElseThrow().volume().value())
        .as("less the pocket and the step, more its lid")
        .isCloseTo(40 * 20 * 10 + (lid - 40 * 20) * 3 - lid * 3, within(1.0));
    assertThat(First.form(derived).orElseThrow().piecePanels().getFirst().count()).isEqualTo(1);
    assertThat(finding(hatch, "recess-f1-0.face")).as("a hatch may be open").isEmpty();
  }

  @Test
  void a_stack_that_is_not_as_thick_as_wanted_is_mended_by_one_that_is() {
    Project thin = blade(10, 10);
    Project wanted = First.with(thin, First.layering(thin).withWanted(25));

    assertThat(finding(wanted, "thickness").orElseThrow().title()).contains("too thin");
    assertThat(finding(mended(wanted, "thickness"), "thickness")).isEmpty();
  }

  @Test
  void a_texture_between_layers_is_turned_outside() {
    Project mats = First.with(Samples.whole(), Layering.of(2, "mat", 12.5, Profile.bevel(20, 4)));

    assertThat(finding(mats, "texture-1")).isPresent();
    assertThat(finding(mats, "texture-2")).as("its texture looks to the front").isEmpty();
    assertThat(finding(mended(mats, "texture-1"), "texture")).isEmpty();
  }

  @Test
  void findings_of_layers_are_worded_in_the_units_in_use() {
    Project near = with(blade(10, 10), 43, 150, magnet(3, 8));
    Derived inches = new Reckoner(Samples.CATALOGUE).derive(near, Samples.NOW, Units.INCHES);

    assertThat(inches.findings()).anyMatch(it -> it.why().contains("less than 1/8\""));
  }

  /** Three layers with a slot in the middle one: shopping, plan and channel count all of them. */
  @Test
  void everything_else_counts_the_layers_there_are() {
    Project three =
        First.with(
            Samples.whole(),
            Layering.of(
                List.of(Sheet.of("foam", 10), Sheet.of("foam", 6), Sheet.of("foam", 10)),
                Profile.bevel(20, 4)));
    Derived derived = Samples.derive(three);

    assertThat(First.core(derived).orElseThrow().bed().orElseThrow().depth().value())
        .as("9 mm of dowel less the 6 mm slot, half on either side")
        .isEqualTo(1.5);
    assertThat(First.core(derived).orElseThrow().tooDeep()).isFalse();
    var lines = derived.shopping().orElseThrow().lines();
    assertThat(lines)
        .anySatisfy(
            it -> {
              assertThat(it.need().id()).isEqualTo("stock.parts.foam-10.area");
              assertThat(it.need().value())
                  .isCloseTo(
                      First.layers(derived).orElseThrow().each().get(0).cut().area() * 2,
                      within(1e-6));
            })
        .anySatisfy(it -> assertThat(it.need().id()).isEqualTo("stock.parts.foam-6.area"));
    assertThat(derived.plan().orElseThrow().steps())
        .anyMatch(it -> it.title().equals("Cut all 3 layers"));
    assertThat(First.templates(derived)).hasSize(2);
    assertThat(First.templates(derived).getLast().labels())
        .anyMatch(it -> it.text().equals("Slot 9 mm wide, right through"));
  }

  @Test
  void a_blade_of_one_layer_is_not_joined() {
    Derived derived = Samples.derive(blade(20));

    assertThat(derived.plan().orElseThrow().steps())
        .extracting(it -> it.id())
        .doesNotContain("p1/d1/spread", "p1/d1/join")
        .contains("p1/d1/cut", "p1/d1/sand");
    assertThat(derived.shopping().orElseThrow().lines())
        .noneMatch(it -> it.need().id().equals("stock.cement.need"));
  }

  /** Half a blade of one straight side, with as many layers more as were added. */
  private static Project narrow(double widthMm, double lengthMm, int added) {
    HalfOutline half =
        new HalfOutline(List.of(Node.corner(widthMm / 2, 0), Node.corner(0, lengthMm)));
    Project project =
        First.with(
            First.withCore(Samples.whole(), Optional.empty()),
            First.part(Samples.whole())
                .withCore(Optional.empty())
                .withCut(it -> it.withOutline(half))
                .withLayering(Layering.of(2, "foam", 10, Profile.bevel(20, 4))));
    for (int i = 0; i < added; i++) {
      project = LayerEdits.add(First.ID, 0).in(Prop.FIRST).applyTo(project);
    }
    return project;
  }

  /** The section of a blade that is too narrow for it never rises to its outermost layers. */
  @ParameterizedTest
  @CsvSource({"20, 94, 3", "10, 60, 2", "7.3, 100, 1"})
  void layers_that_are_worked_off_altogether_are_told_and_taken_out(
      double wide, double tall, int added) {
    Project project = narrow(wide, tall, added);
    Derived derived = Samples.derive(project);

    List<Finding> eaten =
        derived.findings().stream()
            .filter(it -> it.id().startsWith("layers.d1.eaten-up-"))
            .toList();
    assertThat(eaten).isNotEmpty().allMatch(it -> it.severity() == Finding.Severity.WRONG);
    assertThat(derived.templates()).allMatch(it -> it.box().width() > 0 && !it.strokes().isEmpty());
    int layers = First.layering(project).sheets().size();
    Project mended = eaten.getFirst().mends().getFirst().in(Prop.FIRST).applyTo(project);
    assertThat(First.layering(mended).sheets()).hasSize(layers - 1);
    while (finding(project, "eaten-up").isPresent()) {
      project = mended(project, "eaten-up");
    }
    assertThat(First.templates(Samples.derive(project))).isNotEmpty();
  }

  private static Project outlined(Outline own) {
    return LayerEdits.sheet(First.ID, 1, "Own outline", it -> it.withOwn(Optional.of(own)))
        .in(Prop.FIRST)
        .applyTo(Samples.whole());
  }

  private static WholeOutline box(double minX, double minY, double maxX, double maxY) {
    return new WholeOutline(
        List.of(
            Node.corner(minX, minY),
            Node.corner(maxX, minY),
            Node.corner(maxX, maxY),
            Node.corner(minX, maxY)));
  }

  @Test
  void an_outline_of_its_own_that_cannot_be_cut_glued_or_checked_is_found_and_mended() {
    Project whole = Samples.whole();
    WholeOutline crossed =
        new WholeOutline(
            List.of(
                Node.corner(0, 0), Node.corner(40, 100), Node.corner(40, 0), Node.corner(0, 100)));
    for (Map.Entry<String, Outline> it :
        Map.<String, Outline>of(
                "own-2", crossed,
                "loose-2", box(500, 0, 540, 100),
                "longer-2", box(-10, 0, 10, 2000))
            .entrySet()) {
      Project bad = outlined(it.getValue());
      assertThat(finding(bad, it.getKey())).as(it.getKey()).isPresent();
      assertThat(mended(bad, it.getKey())).isEqualTo(whole);
    }
    Project inside = outlined(box(-10, 50, 10, 200));
    for (String id : List.of("own-2", "loose-2", "longer-2")) {
      assertThat(finding(inside, id)).as(id).isEmpty();
    }
    // Until it is mended the layer is reckoned as the part.
    assertThat(First.layers(Samples.derive(outlined(crossed))).orElseThrow().volume().value())
        .isEqualTo(First.layers(Samples.derive(whole)).orElseThrow().volume().value());
  }

  /** The sample foam is sold in 5, 6, 8, 10 and 12 mm: 11 is not, and 16 is glued up from two. */
  @Test
  void a_thickness_that_is_not_sold_is_found_with_the_nearest_and_a_stack_that_makes_it() {
    Part disc =
        Part.of("d1", "Disc", new Cut(WholeOutline.circle(new Point(0, 0), 60)), "foam", 16);
    Project project = First.withParts(Samples.bare(), List.of(disc));
    Finding finding = unsold(project);

    assertThat(finding.title()).isEqualTo("16 mm is not sold");
    assertThat(finding.why()).contains("5 mm, 6 mm, 8 mm, 10 mm, 12 mm");
    assertThat(finding.mends()).hasSize(2);
    Project nearest = finding.mends().getFirst().in(Prop.FIRST).applyTo(project);
    assertThat(nearest.first().parts().getFirst().thicknessMm()).isEqualTo(12);
    Project stacked = finding.mends().getLast().in(Prop.FIRST).applyTo(project);
    assertThat(stacked.first().parts().getFirst().layering().sheets()).hasSizeGreaterThan(1);
    assertThat(stacked.first().parts().getFirst().thicknessMm()).isEqualTo(16);
    for (Project mended : List.of(nearest, stacked)) {
      assertThat(Samples.derive(mended).findings()).noneMatch(it -> it.id().contains("unsold"));
    }
  }

  @Test
  void a_sheet_of_any_part_is_looked_at_and_strip_is_no_sheet() {
    Part ring = Part.formed("d1", "Ring", "ring", Map.of("foam", 7.0), "foam", Placing.USUAL);
    Project rings = First.withParts(Samples.bare(), List.of(ring));
    Project mended = unsold(rings).mends().getFirst().in(Prop.FIRST).applyTo(rings);
    assertThat(mended.first().parts().getFirst().thicknessMm()).isIn(6.0, 8.0);

    Part strip = Part.formed("d1", "Rim", "moulding", Map.of("foam", 15.0), "foam", Placing.USUAL);
    assertThat(Samples.derive(First.withParts(Samples.bare(), List.of(strip))).findings())
        .noneMatch(it -> it.id().contains("unsold"));
  }

  private static Finding unsold(Project project) {
    return Samples.derive(project).findings().stream()
        .filter(it -> it.id().contains(".unsold-"))
        .findFirst()
        .orElseThrow();
  }
}
