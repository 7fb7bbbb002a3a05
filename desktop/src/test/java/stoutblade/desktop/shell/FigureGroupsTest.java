package stoutblade.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import stoutblade.demo.Demo;
import stoutblade.derive.Derived;
import stoutblade.desktop.TestDesk;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.project.Prop;
import stoutblade.project.Station;

/** Which figures matter most at a station, and where the others are. */
class FigureGroupsTest {

  private static Derived demo() {
    return TestDesk.demo().derived();
  }

  /** Whatever is looked at: each figure once, a few of them first, none in a group of two names. */
  @ParameterizedTest
  @EnumSource(Station.class)
  void every_figure_is_there_once(Station station) {
    Derived derived = demo();
    for (String part : List.of(Demo.LEAF, "d1", "prop")) {
      List<Figure> figures = derived.figuresOf(station, Prop.FIRST, part);

      FigureGroups groups = FigureGroups.of(station, figures);

      List<Figure> all = new ArrayList<>(groups.main());
      groups.groups().values().forEach(all::addAll);
      assertThat(all).as(station + " " + part).containsExactlyInAnyOrderElementsOf(figures);
      assertThat(groups.main()).hasSizeLessThanOrEqualTo(5);
      assertThat(groups.groups().keySet()).doesNotContain("More");
    }
  }

  @Test
  void length_weight_balance_sheets_and_days_come_first() {
    Derived derived = demo();

    assertThat(main(derived, Station.DRAFT))
        .containsExactly(
            "p1/d7/part.length",
            "p1/d7/part.width",
            "p1/d7/part.mass",
            "p1/prop.length",
            "p1/prop.mass");
    assertThat(main(derived, Station.CORE)).contains("p1/d7/core.balance", "p1/d7/core.droop");
    assertThat(main(derived, Station.CUT)).contains("cut.all-sheets", "cut.all-pages");
    assertThat(main(derived, Station.BUILD)).first().isEqualTo("build.spare");
  }

  private static List<String> main(Derived derived, Station station) {
    return FigureGroups.of(station, derived.figuresOf(station, Prop.FIRST, Demo.LEAF))
        .main()
        .stream()
        .map(Figure::id)
        .toList();
  }

  @Test
  void what_is_known_of_the_wearer_and_the_pictures_has_groups_of_its_own() {
    Derived derived = demo();
    List<Figure> beside = new ArrayList<>(derived.first().wearerFigures());
    derived.first().sizing().pictures().values().forEach(it -> beside.addAll(it.figures()));

    assertThat(FigureGroups.of(Station.SIZE, beside).groups().keySet())
        .containsExactlyInAnyOrder("The wearer", "Held and carried", "Size");
  }

  /** At Finish only what is missing matters. */
  @Test
  void what_is_there_in_plenty_is_not_large() {
    Figure none = figure("finish.primer.missing", 0);
    Figure some = figure("finish.paint.missing", 1500);

    assertThat(FigureGroups.of(Station.FINISH, List.of(none, some)).main()).containsExactly(some);
  }

  private static Figure figure(String id, double value) {
    return Figure.given(id, id, value, Quantity.FLUID, Source.DECIDED);
  }
}
