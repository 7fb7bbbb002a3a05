package stoutblade.desktop.station.size;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import stoutblade.measure.Stated;
import stoutblade.reference.Mark;
import stoutblade.reference.Picture;
import stoutblade.reference.Reference;
import stoutblade.reference.Ruler;
import stoutblade.reference.Scale;
import stoutblade.shape.Point;
import stoutblade.wearer.Wearer;

/** The rulers side by side. */
class AgreementTest {

  private static final PseudoClass ODD = PseudoClass.getPseudoClass("odd");
  private static final PseudoClass ASIDE = PseudoClass.getPseudoClass("aside");

  @BeforeAll
  static void start() throws Exception {
    FxToolkit.registerPrimaryStage();
  }

  private static <T> T fx(Callable<T> work) {
    return WaitForAsyncUtils.waitForAsyncFx(90_000, work);
  }

  private static Ruler ruler(int number, double px, boolean trusted) {
    return new Ruler(
        "r" + number,
        "Ruler " + number,
        new Ruler.KnownLength(
            new Stated(600, 3),
            Optional.empty(),
            new Mark(new Point(500, 800), new Point(500, 800 + px))),
        Stated.exactly(0),
        trusted);
  }

  private static Agreement shown(Ruler... rulers) {
    Reference reference =
        Reference.of("p1", "P", new Picture("a".repeat(64), "p", 1000, 2000))
            .withRulers(List.of(rulers));
    return fx(
        () -> {
          Agreement agreement = new Agreement();
          agreement.show(Scale.of(reference, new Wearer("W", 1740).height()));
          return agreement;
        });
  }

  private static String title(Agreement agreement) {
    return ((Label) agreement.getChildren().getFirst()).getText();
  }

  private static List<HBox> rows(Agreement agreement) {
    return agreement.getChildren().stream()
        .filter(HBox.class::isInstance)
        .map(HBox.class::cast)
        .toList();
  }

  private static Node bar(HBox row) {
    return ((Pane) row.getChildren().get(1)).getChildren().get(1);
  }

  @Test
  void one_ruler_alone_is_not_compared() {
    assertThat(shown(ruler(1, 300, true)).isVisible()).isFalse();
    assertThat(shown().isVisible()).isFalse();
  }

  @Test
  void rulers_that_agree_have_bars_about_one_another() {
    Agreement agreement = shown(ruler(1, 300, true), ruler(2, 302, true));

    assertThat(title(agreement)).startsWith("Rulers agree: ±");
    assertThat(rows(agreement)).hasSize(2);
    Node first = bar(rows(agreement).get(0));
    Node second = bar(rows(agreement).get(1));
    assertThat(first.getLayoutX()).isGreaterThan(second.getLayoutX());
    assertThat(rows(agreement)).noneMatch(it -> it.getPseudoClassStates().contains(ODD));
  }

  @Test
  void rulers_that_disagree_are_marked() {
    Agreement agreement = shown(ruler(1, 300, true), ruler(2, 400, true));

    assertThat(title(agreement)).startsWith("Rulers disagree");
    assertThat(rows(agreement)).allMatch(it -> it.getPseudoClassStates().contains(ODD));
  }

  @Test
  void one_that_is_set_aside_is_shown_as_that() {
    Agreement agreement = shown(ruler(1, 300, true), ruler(2, 400, false));

    HBox aside = rows(agreement).getLast();
    assertThat(aside.getPseudoClassStates()).contains(ASIDE).doesNotContain(ODD);
    assertThat(((Label) aside.getChildren().getLast()).getText()).isEqualTo("aside");
  }

  @Test
  void bars_stay_in_their_place_however_far_off() {
    Agreement agreement = shown(ruler(1, 300, true), ruler(2, 30, true), ruler(3, 900, true));

    for (HBox row : rows(agreement)) {
      Node bar = bar(row);
      double right = bar.getLayoutX() + bar.getBoundsInLocal().getWidth();
      assertThat(bar.getLayoutX()).isGreaterThanOrEqualTo(0);
      assertThat(right).isLessThanOrEqualTo(93);
    }
  }
}
