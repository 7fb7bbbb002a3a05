package stoutblade.desktop.station.size;

import java.util.List;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import stoutblade.desktop.Style;
import stoutblade.desktop.texts.Texts;
import stoutblade.measure.Display;
import stoutblade.reference.Scale;
import stoutblade.reference.Weighed;

/**
 * The rulers of a picture side by side: each a bar as wide as its range about its own value, over
 * the band of what they come to together. Bars that miss the band disagree.
 */
final class Agreement extends VBox {

  private static final double WIDE = 92;
  private static final double HIGH = 16;
  private static final PseudoClass ODD = PseudoClass.getPseudoClass("odd");
  private static final PseudoClass ASIDE = PseudoClass.getPseudoClass("aside");

  Agreement() {
    super(2);
    getStyleClass().add(Style.AGREEMENT);
    setId("agreement");
    setPickOnBounds(false);
    setMouseTransparent(true);
  }

  /** Shows the rulers of a picture; nothing where there are fewer than two. */
  void show(Scale scale) {
    getChildren().clear();
    setVisible(scale.weighed().isPresent() && scale.readings().size() > 1);
    scale.weighed().filter(it -> isVisible()).ifPresent(it -> fill(scale, it));
  }

  private void fill(Scale scale, Weighed weighed) {
    double middle = weighed.combined().value();
    double reach = reach(weighed, middle);
    Label title =
        new Label(
            (weighed.agree() ? Texts.SIZE.of("rulers-agree") : Texts.SIZE.of("rulers-disagree"))
                + ": ± "
                + Display.decimal(100 * weighed.combined().uncertainty().range95() / middle, 1)
                + " %");
    title.getStyleClass().add(Style.AGREEMENT_TITLE);
    getChildren().add(title);
    for (Weighed.Part part : weighed.parts()) {
      getChildren().add(row(name(scale, part), part, weighed, middle, reach));
    }
  }

  private static double reach(Weighed weighed, double middle) {
    double most = weighed.combined().uncertainty().range95();
    for (Weighed.Part part : weighed.parts()) {
      most =
          Math.max(
              most,
              Math.abs(part.figure().value() - middle)
                  + Math.min(part.figure().uncertainty().range95(), 0.2 * middle));
    }
    return most * 1.08;
  }

  private static String name(Scale scale, Weighed.Part part) {
    return scale.readings().stream()
        .filter(it -> it.scale().id().equals(part.figure().id()))
        .map(it -> it.ruler().name())
        .findFirst()
        .orElse("");
  }

  private static HBox row(
      String name, Weighed.Part part, Weighed weighed, double middle, double reach) {
    Label label = new Label(name);
    label.setPrefWidth(88);
    label.setMinWidth(88);
    label.setMaxWidth(88);
    Pane bars = new Pane();
    bars.setMinSize(WIDE, HIGH);
    bars.setPrefSize(WIDE, HIGH);
    bars.setMaxSize(WIDE, HIGH);
    bars.getChildren()
        .addAll(
            bar(
                Style.AGREEMENT_BAND,
                middle,
                weighed.combined().uncertainty().range95(),
                middle,
                reach,
                0),
            bar(
                Style.AGREEMENT_BAR,
                part.figure().value(),
                part.figure().uncertainty().range95(),
                middle,
                reach,
                5));
    Label weight =
        new Label(
            part.weight() > 0
                ? Display.decimal(100 * part.weight(), 0) + " %"
                : Texts.SIZE.of("aside"));
    weight.setMinWidth(44);
    HBox row = new HBox(6, label, bars, weight);
    for (Region it : List.of(row, (Region) bars.getChildren().get(1))) {
      it.pseudoClassStateChanged(ODD, part.weight() > 0 && part.disagrees() && !weighed.agree());
      it.pseudoClassStateChanged(ASIDE, part.weight() == 0);
    }
    return row;
  }

  private static Region bar(
      String style, double value, double half, double middle, double reach, double inset) {
    double left = Math.clamp((value - half - middle) / reach, -1, 1);
    double right = Math.clamp((value + half - middle) / reach, -1, 1);
    Region bar = new Region();
    bar.getStyleClass().add(style);
    double from = (left + 1) / 2 * WIDE;
    double width = Math.max(3, (right - left) / 2 * WIDE);
    bar.resizeRelocate(Math.min(from, WIDE - width), inset, width, HIGH - 2 * inset);
    bar.setManaged(false);
    return bar;
  }
}
