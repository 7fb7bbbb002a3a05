package stoutblade.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class ScopeTest {

  private static Figure length(String id, double mm) {
    return Figure.given(id, "Length of " + id, mm, Quantity.LENGTH, Source.DECIDED);
  }

  @Test
  void a_figure_keeps_its_working_under_the_ids_that_it_has_outside() {
    Figure a = length("part.a", 20);
    Figure b = length("part.a.b", 3);
    Figure sum =
        Figure.computed(
            "core.sum", "Sum", Quantity.LENGTH, "{part.a} + 2 * {part.a.b}", Source.GEOMETRY, a, b);

    Figure outside = new Scope("d3").of(sum);

    assertThat(outside.id()).isEqualTo("d3/core.sum");
    assertThat(outside.inputs()).extracting(Figure::id).containsExactly("d3/part.a", "d3/part.a.b");
    assertThat(outside.value()).isEqualTo(26);
    assertThat(outside.inNumbers(Units.METRIC)).isEqualTo(sum.inNumbers(Units.METRIC));
    assertThat(outside.inWords()).isEqualTo(sum.inWords());
  }

  @Test
  void what_came_from_outside_keeps_its_id_and_nothing_is_scoped_twice() {
    Figure shared = length("all/stock", 5);
    Figure own =
        Figure.computed(
            "part.twice", "Twice", Quantity.LENGTH, "2 * {all/stock}", Source.GEOMETRY, shared);
    Scope scope = new Scope("d1");

    Figure outside = scope.of(own);

    assertThat(outside.inputs()).containsExactly(shared);
    assertThat(outside.formula()).isEqualTo("2 * {all/stock}");
    assertThat(new Scope("p1").of(outside).id()).isEqualTo("d1/part.twice");
    assertThat(scope.of(List.of(own, own)).getFirst()).isSameAs(outside);
  }
}
