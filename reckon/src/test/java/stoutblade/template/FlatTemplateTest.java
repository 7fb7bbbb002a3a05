package stoutblade.template;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import stoutblade.develop.Dish;
import stoutblade.develop.OverEdge;
import stoutblade.develop.Prism;
import stoutblade.develop.Ring;
import stoutblade.measure.Units;

class FlatTemplateTest {

  private static long count(Template template, Stroke.Kind kind) {
    return template.strokes().stream().filter(it -> it.kind() == kind).count();
  }

  @Test
  void every_seam_has_its_letter_on_both_edges_and_notches_that_meet() {
    Template dish =
        FlatTemplate.of(
            Making.once("dish", "Shield face"),
            new Dish(600, 75, 10, 16, Dish.Way.DARTS, 4).develop("x"),
            Units.METRIC);

    List<String> words = dish.labels().stream().map(Label::text).toList();
    assertThat(words).containsOnlyOnce("Shield face: Segment, one of 4, cut 4");
    for (String seam : List.of("1", "2", "3", "A")) {
      assertThat(words.stream().filter(seam::equals)).hasSize(2);
    }
    assertThat(count(dish, Stroke.Kind.NOTCH)).isEven().isPositive();
  }

  @Test
  void mitres_are_written_at_the_edges_and_bends_are_drawn() {
    Template box =
        FlatTemplate.of(
            Making.once("box", "Crate"),
            new Prism(4, 200, 120, 90, 10, 2).develop("x"),
            Units.METRIC);
    assertThat(box.labels().stream().map(Label::text)).contains("A, leans 45°");
    assertThat(box.copies()).hasSize(6);

    Template plate =
        FlatTemplate.of(
            Making.once("over", "Plate"), new OverEdge(60, 12, 150).develop("x"), Units.METRIC);
    assertThat(count(plate, Stroke.Kind.BEND)).isEqualTo(2);
    assertThat(count(plate, Stroke.Kind.CUT)).isEqualTo(1);
  }

  @Test
  void the_seam_of_a_ring_goes_where_it_does_not_show_and_a_dart_cannot() {
    Template ring =
        FlatTemplate.of(
            Making.once("ring", "Collar"),
            new Ring(100, Ring.Known.FORMER, 10, 40).develop("x"),
            Units.METRIC);
    Template dish =
        FlatTemplate.of(
            Making.once("dish", "Shield face"),
            new Dish(600, 75, 10, 16, Dish.Way.DARTS, 1).develop("x"),
            Units.METRIC);

    assertThat(ring.labels()).anyMatch(it -> it.text().matches("Seam \\w+ to the hidden side"));
    assertThat(dish.labels()).noneMatch(it -> it.text().contains("hidden side"));
  }
}
