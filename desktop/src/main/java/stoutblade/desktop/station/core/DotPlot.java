package stoutblade.desktop.station.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Region;
import stoutblade.core.CoreOption;
import stoutblade.desktop.Style;
import stoutblade.desktop.texts.Texts;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Units;

/** Cores as dots by two of their figures; a dot is pressed to take its core. */
final class DotPlot extends Region {

  private static final double DOT = 22;
  private static final double LEFT = 78;
  private static final double BELOW = 40;
  private static final double EDGE = 24;
  private static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");
  private static final PseudoClass UNFIT = PseudoClass.getPseudoClass("unfit");

  private final Consumer<CoreOption> choose;
  private final List<Dot> dots = new ArrayList<>();
  private final Label[] ends = {new Label(), new Label(), new Label(), new Label()};
  private final Label said = new Label();
  private Scale wide = new Scale(0, 1);
  private Scale high = new Scale(0, 1);

  /** From the least to the most of a figure. */
  private record Scale(double least, double most) {

    static Scale of(List<Double> values) {
      double least = values.stream().mapToDouble(it -> it).min().orElse(0);
      double most = values.stream().mapToDouble(it -> it).max().orElse(1);
      return most > least ? new Scale(least, most) : new Scale(least - 1, most + 1);
    }

    double share(double value) {
      return (value - least) / (most - least);
    }
  }

  private record Dot(Button button, double x, double y, boolean own) {}

  DotPlot(Consumer<CoreOption> choose) {
    this.choose = choose;
    setId("compare-plot");
    getStyleClass().add(Style.DOT_PLOT);
    setMinHeight(120);
  }

  /** Shows cores; those without one of the figures are left out. */
  void show(
      List<CoreOption> options,
      Optional<CoreOption> own,
      Measure across,
      Measure up,
      Function<CoreOption, String> name,
      Units units) {
    dots.clear();
    List<Double> xs = new ArrayList<>();
    List<Double> ys = new ArrayList<>();
    Quantity[] shown = {Quantity.LENGTH, Quantity.LENGTH};
    for (CoreOption option : options) {
      Optional<Figure> x = across.of(option);
      Optional<Figure> y = up.of(option);
      if (x.isPresent() && y.isPresent()) {
        boolean current = own.filter(option::equals).isPresent();
        Button button = button(option, current, name.apply(option), x.get(), y.get(), units);
        dots.add(new Dot(button, x.get().value(), y.get().value(), current));
        xs.add(x.get().value());
        ys.add(y.get().value());
        shown[0] = x.get().quantity();
        shown[1] = y.get().quantity();
      }
    }
    wide = Scale.of(xs);
    high = Scale.of(ys);
    ends[0].setText(Display.show(wide.least, shown[0], units));
    ends[1].setText(Display.show(wide.most, shown[0], units));
    ends[2].setText(Display.show(high.least, shown[1], units));
    ends[3].setText(Display.show(high.most, shown[1], units));
    said.setText(own.map(name).orElse(Texts.CORE.of("no-core-yet-press-a")));
    getChildren().setAll(ends);
    getChildren().add(said);
    dots.forEach(it -> getChildren().add(it.button));
    requestLayout();
  }

  private Button button(
      CoreOption option, boolean current, String name, Figure x, Figure y, Units units) {
    Button button = new Button();
    button.getStyleClass().add(Style.DOT);
    button.pseudoClassStateChanged(CURRENT, current);
    button.pseudoClassStateChanged(UNFIT, option.fits() != CoreOption.Fits.FITS);
    String words =
        name
            + ": "
            + x.show(units)
            + ", "
            + y.show(units)
            + (option.fits() == CoreOption.Fits.FITS ? "" : "; " + option.fits().words());
    button.setAccessibleText(words);
    button.setTooltip(new Tooltip(words));
    // The table is the way by keys: it has the same cores, with their names.
    button.setFocusTraversable(false);
    button.setOnAction(event -> choose.accept(option));
    button.setMinSize(DOT, DOT);
    button.setPrefSize(DOT, DOT);
    button.setMaxSize(DOT, DOT);
    return button;
  }

  @Override
  protected void layoutChildren() {
    double width = getWidth() - LEFT - EDGE;
    double height = getHeight() - BELOW - EDGE;
    for (Dot dot : dots) {
      double x = LEFT + wide.share(dot.x) * width;
      double y = EDGE + (1 - high.share(dot.y)) * height;
      dot.button.resizeRelocate(x - DOT / 2, y - DOT / 2, DOT, DOT);
      if (dot.own) {
        dot.button.toFront();
      }
    }
    double low = EDGE + height;
    put(ends[0], LEFT, low + DOT / 2 + 4, 0);
    put(ends[1], LEFT + width, low + DOT / 2 + 4, 1);
    put(ends[2], LEFT - DOT, low - 8, 1);
    put(ends[3], LEFT - DOT, EDGE - 8, 1);
    put(said, LEFT + width / 2, low + DOT / 2 + 4, 0.5);
  }

  /** A label beside a place: to its right, to its left or in between. */
  private static void put(Label label, double x, double y, double share) {
    label.autosize();
    label.relocate(x - share * label.getWidth(), y);
  }
}
