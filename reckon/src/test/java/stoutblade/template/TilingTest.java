package stoutblade.template;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import stoutblade.derive.Derived;
import stoutblade.project.First;
import stoutblade.project.Samples;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Polyline;

class TilingTest {

  /** ISO 216 (A4, A3) and 8.5 × 11 in, 11 × 17 in at 25.4 mm to the inch. */
  @ParameterizedTest
  @CsvSource({
    "A4, 210, 297",
    "A3, 297, 420",
    "LETTER, 215.9, 279.4",
    "TABLOID, 279.4, 431.8",
  })
  void papers_have_their_published_sizes(Paper paper, double width, double height) {
    assertThat(paper.widthMm()).isCloseTo(width, within(1e-9));
    assertThat(paper.heightMm()).isCloseTo(height, within(1e-9));
    assertThat(Paper.named(paper.name().toLowerCase(java.util.Locale.ROOT))).isEqualTo(paper);
  }

  private static Template box(double width, double height) {
    Path outline =
        Path.through(
            List.of(
                new Point(0, 0),
                new Point(width, 0),
                new Point(width, height),
                new Point(0, height)),
            true);
    return new Template(
        "t", "Test", List.of(), List.of(new Stroke(Stroke.Kind.CUT, outline)), List.of());
  }

  @Property(tries = 200)
  void every_place_of_every_line_is_on_a_page_and_windows_overlap_as_stated(
      @ForAll @DoubleRange(min = 20, max = 900) double width,
      @ForAll @DoubleRange(min = 20, max = 1900) double height) {
    Template template = box(width, height);

    Tiling tiling = Tiling.of(template, Paper.A4);

    for (Point place : template.strokes().getFirst().path().flattened(1)) {
      assertThat(tiling.tiles())
          .anyMatch(
              tile -> tile.window().meets(new Box(place.x(), place.y(), place.x(), place.y())));
    }
    for (Tiling.Join join : tiling.joins()) {
      Box one = window(tiling, join.first());
      Box two = window(tiling, join.second());
      double across = one.minX() == two.minX() ? two.maxY() - one.minY() : one.maxX() - two.minX();
      assertThat(across).isCloseTo(Tiling.OVERLAP_MM, within(1e-6));
    }
  }

  private static Box window(Tiling tiling, String letter) {
    return tiling.tiles().stream()
        .filter(it -> it.letter().equals(letter))
        .findFirst()
        .orElseThrow()
        .window();
  }

  @Test
  void what_fits_takes_one_page_and_pages_within_a_ring_are_left_out() {
    assertThat(Tiling.of(box(150, 200), Paper.A4).tiles()).hasSize(1);
    Tiling ring = Tiling.of(box(850, 1200), Paper.A4);
    assertThat(ring.tiles().size()).isLessThan(ring.columns() * ring.rows());
  }

  @Test
  void letters_run_on_after_z() {
    assertThat(Tiling.letter(0)).isEqualTo("A");
    assertThat(Tiling.letter(25)).isEqualTo("Z");
    assertThat(Tiling.letter(26)).isEqualTo("AA");
    assertThat(Tiling.letter(27)).isEqualTo("AB");
  }

  @Test
  void join_marks_lie_on_the_same_places_of_both_pages() {
    Tiling tiling = Tiling.of(box(150, 600), Paper.A4);

    assertThat(tiling.joins()).hasSize(tiling.rows() - 1);
    for (Tiling.Join join : tiling.joins()) {
      for (Point mark : join.marks()) {
        Box place = new Box(mark.x(), mark.y(), mark.x(), mark.y());
        assertThat(window(tiling, join.first()).meets(place)).isTrue();
        assertThat(window(tiling, join.second()).meets(place)).isTrue();
      }
    }
    assertThat(tiling.joinsOf(tiling.tiles().get(1))).hasSize(2);
    assertThat(tiling.joins().getFirst().words()).isEqualTo("A·B");
  }

  @Test
  void a_wrong_scale_does_not_make_a_thousand_pages() {
    assertThatThrownBy(() -> Tiling.of(box(9000, 9000), Paper.A4))
        .hasMessageContaining("at most 400")
        .hasMessageContaining("Check the scale");
    assertThat(Tiling.pages(box(9000, 9000), Paper.A4)).isGreaterThan(400);
    assertThatThrownBy(() -> Paper.named("a5")).hasMessageContaining("found 'a5'");
  }

  @Test
  void the_template_of_a_blade_names_counts_and_mirrors_its_copies() {
    Derived derived = Samples.derive(Samples.whole());
    Template template = First.template(derived).orElseThrow();

    assertThat(template.copies()).hasSize(2);
    assertThat(template.mirroredCopies()).isEqualTo(1);
    assertThat(template.copies().get(1).words()).isEqualTo("back layer: turn the paper over");
    assertThat(template.kinds())
        .containsExactly(
            Stroke.Kind.CUT,
            Stroke.Kind.CENTRE,
            Stroke.Kind.BEVEL,
            Stroke.Kind.CHANNEL,
            Stroke.Kind.GRAIN);
    assertThat(template.labels()).anyMatch(it -> it.text().contains("cut 2"));
    assertThat(template.labels()).anyMatch(it -> it.text().contains("21.8° from the face"));
    assertThat(template.box().height()).isCloseTo(500, within(1e-6));
  }

  @Test
  void the_bevel_line_runs_at_its_width_from_the_edge() {
    Derived derived = Samples.derive(Samples.whole());
    Polyline edge = Polyline.of(First.half(derived.project()).edge(), 0.01);

    List<Point> line =
        First.template(derived).orElseThrow().strokes().stream()
            .filter(it -> it.kind() == Stroke.Kind.BEVEL)
            .findFirst()
            .orElseThrow()
            .path()
            .flattened(0.01);

    assertThat(line)
        .allMatch(p -> p.y() < 1e-6 || Math.abs(edge.distance(p.x(), p.y()) - 20) < 0.03);
  }
}
