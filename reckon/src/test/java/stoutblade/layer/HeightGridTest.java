package stoutblade.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;
import stoutblade.project.Samples;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.Sheet;

/** The front of a part on a grid. */
class HeightMapTest {

  private static final HalfOutline BOX =
      new HalfOutline(List.of(Node.corner(50, 0), Node.corner(50, 400)));

  private static Layers layers(double allowance, double... sheets) {
    List<Sheet> all = java.util.Arrays.stream(sheets).mapToObj(it -> Sheet.of("foam", it)).toList();
    return Samples.layers(
        Samples.form(BOX), Layering.of(all, Profile.bevel(20, 4)).withAllowance(allowance));
  }

  private static HeightGrid map(Layers layers) {
    return HeightGrid.of(layers, 4000, share -> {});
  }

  /** The heights of the grid add up to the volume over the middle, another way to it. */
  @Test
  void the_finished_heights_add_up_to_the_volume() {
    Layers layers = layers(0, 10, 10);
    HeightGrid map = map(layers);

    double sum = 0;
    for (double height : map.finished()) {
      sum += Double.isNaN(height) ? 0 : (height - 10) * map.stepMm() * map.stepMm();
    }

    assertThat(2 * sum).isCloseTo(layers.volume().value(), within(2 * sum * 0.02));
  }

  @Test
  void two_layers_are_glued_to_a_slab_and_sanded_most_at_the_edge() {
    HeightGrid map = map(layers(0, 10, 10));

    for (double height : map.glued()) {
      assertThat(Double.isNaN(height) || height == 20).isTrue();
    }
    assertThat(map.mostOff()).as("from 20 down to 12").isBetween(7.0, 8.0);
  }

  @Test
  void four_layers_are_steps_and_leave_less_to_sand() {
    HeightGrid few = map(layers(0, 10, 10));
    HeightGrid many = map(layers(0, 5, 5, 5, 5));

    assertThat(many.mostOff()).isLessThan(few.mostOff());
    assertThat(sum(many)).isLessThan(sum(few) * 0.75);
  }

  private static double sum(HeightGrid map) {
    double sum = 0;
    for (int i = 0; i < map.finished().length; i++) {
      sum += Double.isNaN(map.off(i)) ? 0 : map.off(i) * map.stepMm() * map.stepMm();
    }
    return sum;
  }

  @Test
  void an_allowance_stands_out_of_the_finished_part() {
    HeightGrid map = map(layers(3, 10, 10));

    assertThat(map.box().width()).isCloseTo(106, within(0.1));
    int outside = 0;
    for (int i = 0; i < map.finished().length; i++) {
      outside += Double.isNaN(map.finished()[i]) && map.off(i) > 0 ? 1 : 0;
    }
    assertThat(outside).isPositive();
  }

  @Test
  void it_can_be_cancelled() {
    assertThatThrownBy(
            () ->
                HeightGrid.of(
                    layers(0, 10, 10),
                    4000,
                    share -> {
                      throw new CancellationException();
                    }))
        .isInstanceOf(CancellationException.class);
  }

  @Test
  void a_section_of_layers_lies_between_its_faces() {
    Solid solid = layers(0, 6, 8, 6).solid();

    Solid.Cut cut = solid.sectionAt(200, 1).getFirst();

    assertThat(cut.front()).hasSameSizeAs(cut.back());
    for (int i = 0; i < cut.front().size(); i++) {
      assertThat(cut.front().get(i).y()).isCloseTo(-cut.back().get(i).y(), within(1e-9));
    }
    assertThat(cut.front().getFirst()).isEqualTo(new Point(-50, 2));
  }
}
