package stoutblade.feature;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import stoutblade.part.Cut;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;

/** Repeats of two kinds that take turns: each as far from its neighbours on either side. */
class BetweenTest {

  private static final WholeOutline DISC = WholeOutline.circle(new Point(0, 0), 200);
  private static final WholeOutline BOARD =
      new WholeOutline(
          List.of(
              Node.corner(-50, 0),
              Node.corner(50, 0),
              Node.corner(50, 400),
              Node.corner(-50, 400)));

  private static Feature ray(String id, Where where, double high) {
    return new Feature(id, Feature.Kind.ORNAMENT, Map.of("wide", 20.0, "high", high), "", where);
  }

  private static double nearest(Spot spot, List<Spot> others) {
    return others.stream().mapToDouble(it -> it.at().distance(spot.at())).min().orElseThrow();
  }

  @Property(tries = 100)
  void on_a_ring_each_is_as_far_from_both_neighbours(
      @ForAll @IntRange(min = 2, max = 40) int count,
      @ForAll @DoubleRange(min = 20, max = 150) double radius,
      @ForAll @DoubleRange(min = -3, max = 3) double from) {
    Where.Ring leader = new Where.Ring(new Point(3, 4), radius, count, from);

    Where between = leader.between(leader);

    double chord = 2 * radius * Math.sin(Math.PI / count / 2);
    assertThat(between.count()).isEqualTo(count);
    assertThat(between.spots(DISC))
        .allSatisfy(
            it -> assertThat(nearest(it, leader.spots(DISC))).isCloseTo(chord, within(1e-6)));
  }

  @Test
  void in_a_row_there_is_one_fewer() {
    Where.Row leader = new Where.Row(new Point(0, 0), new Point(90, 0), 4);

    assertThat(leader.between(leader).spots(DISC))
        .extracting(it -> it.at().x())
        .containsExactly(15.0, 45.0, 75.0);
    assertThat(leader.between(new Where.Row(new Point(0, 12), new Point(5, 12), 2)).spots(DISC))
        .as("a row beside it stays beside it")
        .extracting(it -> it.at().y())
        .containsExactly(12.0, 12.0, 12.0);
    assertThat(new Where.Row(new Point(0, 0), new Point(90, 0), 2).between(leader).spots(DISC))
        .extracting(it -> it.at().x())
        .containsExactly(45.0);
  }

  /** 1000 mm round, 20 shares of 50 mm: those between stand 25 mm further on. */
  @Test
  void round_an_outline_they_stand_half_a_share_further_on() {
    Where.Along leader = Where.Along.all(BOARD, 0, 20);
    List<Spot> first = leader.spots(BOARD);
    List<Spot> between = leader.between(leader).spots(BOARD);

    assertThat(between).hasSize(20);
    assertThat(first.get(0).at().distance(new Point(-25, 0))).isLessThan(1e-6);
    assertThat(between.get(0).at().distance(new Point(-50, 0))).isLessThan(1e-6);
    assertThat(between.get(1).at().distance(new Point(0, 0))).isLessThan(1e-6);
  }

  @Test
  void along_a_side_none_stands_at_its_end() {
    Where.Along leader = new Where.Along(1, 1, 0, 8);

    assertThat(leader.between(leader).spots(BOARD))
        .extracting(it -> Math.rint(it.at().y() * 1e6) / 1e6)
        .containsExactly(50.0, 100.0, 150.0, 200.0, 250.0, 300.0, 350.0);
  }

  @Test
  void one_edit_changes_both_kinds() {
    Feature large = ray("f1", new Where.Ring(new Point(0, 0), 80, 16, 0), 90);
    Feature small = ray("f2", new Where.Ring(new Point(0, 0), 100, 3, 0), 40).among("f1");
    Cut cut = new Cut(DISC, List.of(large, small));

    assertThat(cut.feature("f2").orElseThrow().where())
        .isEqualTo(new Where.Ring(new Point(0, 0), 100, 16, Math.PI / 16));
    Cut changed = cut.with("f1", it -> it.at(it.where().withCount(12)));
    assertThat(changed.feature("f2").orElseThrow().where().count()).isEqualTo(12);
    Cut alone = changed.withFeatures(List.of(changed.feature("f2").orElseThrow()));
    assertThat(alone.features().getFirst().between()).as("what it stood between is gone").isEmpty();
    assertThat(alone.features().getFirst().where().count()).isEqualTo(12);
  }

  @Test
  void two_cannot_stand_between_each_other() {
    Feature one = ray("f1", new Where.Ring(new Point(0, 0), 80, 16, 0), 90).among("f2");
    Feature other = ray("f2", new Where.Ring(new Point(0, 0), 80, 16, 0), 40).among("f1");

    assertThatThrownBy(() -> new Cut(DISC, List.of(one, other)))
        .hasMessageContaining("stands between it");
    Feature single = ray("f3", Where.At.of(0, 0), 40);
    assertThatThrownBy(() -> new Cut(DISC, List.of(single, one.among("f3"))))
        .hasMessageContaining("there once");
  }
}
