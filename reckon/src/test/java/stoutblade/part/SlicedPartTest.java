package stoutblade.part;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import stoutblade.derive.Derived;
import stoutblade.develop.Panel;
import stoutblade.edit.PartEdits;
import stoutblade.measure.Units;
import stoutblade.mesh.MeshSamples;
import stoutblade.mesh.MeshSamples.Turn;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.reckoning.PartReckoning;
import stoutblade.reference.Orientation;
import stoutblade.reference.Orientation.View;
import stoutblade.shape.Point;
import stoutblade.slice.Sliced;
import stoutblade.slice.SlicedFigures;
import stoutblade.slice.Slicer;
import stoutblade.slice.Slicing;
import stoutblade.template.Stroke;
import stoutblade.template.Template;

/** A sliced model kept as a part. */
class SlicedPartTest {

  private static final Slices.Origin NOWHERE = new Slices.Origin("", "", 0);

  private static Sliced torus;

  /** Not in an initialiser: slicing uses several threads, and they would wait for the class. */
  @BeforeAll
  static void slice() {
    Slicing slicing = Slicing.square(View.TOP, List.of(10.0), 0, 6, 200, 300);
    torus =
        Slicer.of(
            MeshSamples.torus(100, 30, 90, Turn.NONE), Orientation.Z_UP, 1, slicing, share -> {});
  }

  private static Project kept() {
    return PartEdits.addSliced("Torus", new Slices.Origin("torus.stl", "o1", 2), torus, "foam", 6)
        .in(Prop.FIRST)
        .applyTo(Samples.bare());
  }

  private static Part part() {
    return kept().first().parts().getFirst();
  }

  @Test
  void every_piece_is_a_panel_with_its_pegs_cut_out() {
    List<Panel> panels = part().developed().panels();
    int pieces = torus.slices().stream().mapToInt(it -> it.pieces().size()).sum();

    assertThat(panels).hasSize(pieces);
    double holes = torus.slices().stream().mapToInt(it -> it.pegs().size()).sum() * Math.PI * 9;
    double sum = panels.stream().mapToDouble(Panel::area).sum();
    assertThat(sum * 10).isCloseTo(torus.cut() - holes * 10, within(torus.cut() * 0.005));
    assertThat(panels.getFirst().name()).startsWith("Layer 1 of 6");
  }

  @Test
  void its_weight_and_its_template_follow() {
    Derived derived = Samples.derive(kept());
    PartReckoning reckoned = derived.first().part("d1").orElseThrow();

    double volume = part().developed().panels().stream().mapToDouble(Panel::area).sum() * 10;
    assertThat(reckoned.mass().orElseThrow().value())
        .isCloseTo(volume * Samples.FOAM.densityGPerMm3(), within(1e-6));
    Template template = reckoned.templates(Units.METRIC).getFirst();
    assertThat(template.kinds()).contains(Stroke.Kind.CUT, Stroke.Kind.BEVEL);
    assertThat(SlicedFigures.of(torus, Samples.FOAM))
        .extracting(it -> it.id())
        .contains("slices.mass");
  }

  @Test
  void it_is_sliced_for_its_thickness() {
    assertThat(part().withMaterial("mat", 10).materialId()).isEqualTo("mat");
    assertThatThrownBy(() -> part().withMaterial("foam", 12))
        .hasMessageContaining("slice the model anew");
    assertThat(part().times(2).developed().panels().getFirst().area())
        .as("holes of pegs stay")
        .isGreaterThan(part().developed().panels().getFirst().area() * 3.9);
  }

  /** Of two sheets in turn: each is bought, and weighs, by its own thickness. */
  @Test
  void layers_of_several_sheets_count_each_by_its_own() {
    Slicing slicing = Slicing.square(View.TOP, List.of(12.0, 6.0), 0, 0, 1000, 1000);
    Sliced mixed =
        Slicer.of(
            MeshSamples.torus(100, 30, 60, Turn.NONE), Orientation.Z_UP, 1, slicing, share -> {});
    Project project =
        PartEdits.addSliced("Torus", NOWHERE, mixed, "foam", 0)
            .in(Prop.FIRST)
            .applyTo(Samples.bare());
    Derived derived = Samples.derive(project);

    assertThat(derived.first().part("d1").orElseThrow().mass().orElseThrow().value())
        .isCloseTo(mixed.cut() * Samples.FOAM.densityGPerMm3(), within(mixed.cut() * 1e-6));
    assertThat(derived.shopping().orElseThrow().lines())
        .extracting(it -> it.name())
        .anyMatch(it -> it.contains("12 mm, for Torus"))
        .anyMatch(it -> it.contains("6 mm, for Torus"));
    assertThat(derived.first().part("d1").orElseThrow().templates(Units.METRIC))
        .extracting(Template::title)
        .containsExactly("Torus, 12 mm", "Torus, 6 mm");
  }

  /** The model is twice as large now as when it was sliced. */
  @Test
  void a_model_that_was_sized_anew_is_sliced_anew() {
    assertThat(part().slices().orElseThrow().origin().since(4)).hasValue(2);
    assertThat(NOWHERE.since(4)).isEmpty();
    Project moved =
        PartEdits.place("d1", "moved", it -> it.moved(new Point(70, 5)))
            .in(Prop.FIRST)
            .applyTo(kept());
    Project anew =
        PartEdits.slicedAnew("d1", new Slices.Origin("torus.stl", "o1", 4), torus, "foam", 0)
            .in(Prop.FIRST)
            .applyTo(moved);

    Part part = anew.first().parts().getFirst();
    assertThat(anew.first().parts()).hasSize(1);
    assertThat(part.placing()).isEqualTo(moved.first().parts().getFirst().placing());
    assertThat(part.name()).isEqualTo("Torus");
    assertThat(part.slices().orElseThrow().origin().perUnit()).isEqualTo(4);
    assertThat(part.slices().orElseThrow().pegMm()).isZero();
  }

  @Test
  void what_is_no_slice_is_refused() {
    Slices.SlicedLayer sound =
        new Slices.SlicedLayer(
            10,
            List.of(List.of(List.of(new Point(0, 0), new Point(9, 0), new Point(0, 9)))),
            List.of(),
            List.of());
    assertThatThrownBy(
            () ->
                new Slices.SlicedLayer(
                    10,
                    List.of(List.of(List.of(new Point(0, 0), new Point(1, 0)))),
                    List.of(),
                    List.of()))
        .hasMessageContaining("three places or more");
    assertThatThrownBy(
            () -> Samples.sliced("d1", "No", NOWHERE, List.of(), 0, "foam", Placing.USUAL))
        .hasMessageContaining("1 to 600 layers");
    assertThatThrownBy(
            () -> Samples.sliced("d1", "No", NOWHERE, List.of(sound), -1, "foam", Placing.USUAL))
        .hasMessageContaining("0 to 100 mm");
    assertThat(
            Samples.sliced("d1", "Yes", NOWHERE, List.of(sound), 0, "foam", Placing.USUAL).seen())
        .hasSize(1);
  }
}
