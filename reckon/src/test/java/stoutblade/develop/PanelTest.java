package stoutblade.develop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

class PanelTest {

  @Test
  void notches_lie_at_equal_lengths_and_point_into_the_panel() {
    Panel strip = Panel.strip("Ring", 1, 400, 300, "A");
    Edge right = strip.edges().get(1);
    List<Edge.Notch> notches = right.notches();
    assertThat(notches).extracting(it -> it.at().y()).containsExactly(60.0, 120.0, 180.0, 240.0);
    assertThat(notches).allSatisfy(it -> assertThat(it.inward()).isEqualTo(new Point(-1, 0)));
    assertThat(strip.edges().getFirst().notches()).isEmpty();
  }

  @Test
  void an_area_is_that_of_its_curves_less_its_windows() {
    Path disc = Path.arc(new Point(0, 0), 40, 0, 2 * Math.PI);
    Path window = new Path(Path.arc(new Point(5, 5), 10, 0, 2 * Math.PI).cubics(), true);
    Panel ring = new Panel("Ring", 1, List.of(Edge.free(disc)), List.of(window), List.of());
    assertThat(ring.area()).isCloseTo(Math.PI * 1500, within(1e-2));
  }

  @Test
  void a_panel_cut_several_times_counts_for_its_seams_as_often() {
    Developed box = new Prism(5, 80, 80, 60, 5, 1).develop("x");
    Map<String, List<Edge>> seams = box.seams();
    assertThat(seams.get("A")).hasSize(10);
    assertThat(seams.get("B")).hasSize(10);
  }

  @Test
  void panels_side_by_side_keep_their_size_and_do_not_touch() {
    Developed elbow = new Elbow(90, 6, 1.5, 4, 120, 40).develop("x");
    List<Panel> placed = elbow.sideBySide(12);
    Box first = placed.get(0).box();
    Box second = placed.get(1).box();
    assertThat(first.minX()).isCloseTo(0, within(1e-9));
    assertThat(second.minX() - first.maxX()).isCloseTo(12, within(1e-6));
    for (int i = 0; i < 2; i++) {
      assertThat(placed.get(i).area()).isCloseTo(elbow.panels().get(i).area(), within(1e-6));
    }
  }

  @Test
  void none_cut_and_edges_that_lean_too_far_are_refused() {
    assertThatThrownBy(() -> Panel.strip("Ring", 0, 10, 10, "A"))
        .hasMessageContaining("At least one of 'Ring'");
    assertThatThrownBy(() -> new Edge("", Path.line(new Point(0, 0), new Point(1, 0)), 1.6))
        .hasMessageContaining("less than a right angle");
  }
}
