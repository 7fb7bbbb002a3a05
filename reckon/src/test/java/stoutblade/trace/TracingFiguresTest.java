package stoutblade.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.mesh.MeshSection;
import stoutblade.mesh.SectionFigures;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;

class TracingFiguresTest {

  private static final WholeOutline OBLONG =
      new WholeOutline(
          List.of(
              Node.corner(0, 0), Node.corner(80, 0), Node.corner(80, 200), Node.corner(0, 200)));

  @Test
  void an_outline_has_its_sides_and_area_give_or_take_the_tolerance() {
    List<Figure> figures = TracingFigures.of("t", List.of(OBLONG), 0.2);

    assertThat(figures).extracting(Figure::value).containsExactly(200.0, 80.0, 16_000.0, 1.0, 4.0);
    assertThat(figures.getFirst().uncertainty().range95())
        .isCloseTo(0.2 * Math.sqrt(2), within(1e-9));
    assertThat(figures.get(2).uncertainty().std()).isCloseTo(560 * 0.1, within(1e-9));
    assertThat(TracingFigures.of("t", List.of(), 0.2)).isEmpty();
  }

  @Test
  void a_section_is_as_large_as_its_model_is_made() {
    MeshSection square =
        new MeshSection(
            List.of(
                List.of(
                    new Point(0, 0), new Point(0.3, 0), new Point(0.3, 0.1), new Point(0, 0.1))),
            true);
    Figure perUnit = Figure.given("u", "Unit", 1000, Quantity.LENGTH, Source.DECIDED, 10);

    List<Figure> figures = SectionFigures.of("c", square, perUnit);

    assertThat(figures)
        .extracting(it -> Math.round(it.value()))
        .containsExactly(300L, 100L, 30_000L);
    assertThat(figures.get(2).uncertainty().std()).isCloseTo(600, within(1e-3));
    assertThat(SectionFigures.of("c", new MeshSection(List.of(), true), perUnit)).isEmpty();
  }
}
