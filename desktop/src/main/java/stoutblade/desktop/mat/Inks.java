package stoutblade.desktop.mat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javafx.css.CssMetaData;
import javafx.css.Styleable;
import javafx.css.StyleableProperty;
import javafx.css.StyleablePropertyFactory;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;

/**
 * A region that takes every ink from the style sheet, so that what is drawn on a canvas follows the
 * theme: {@code -mat-ink-foam: -sb-foam;} and so on.
 */
public abstract class Inks extends Region {

  private static final StyleablePropertyFactory<Inks> FACTORY =
      new StyleablePropertyFactory<>(Region.getClassCssMetaData());
  private static final Map<Ink, CssMetaData<Inks, Color>> METADATA = metadata();

  private final Map<Ink, StyleableProperty<Color>> colours = new EnumMap<>(Ink.class);

  /** Makes a region whose inks are grey until the style sheet is applied. */
  protected Inks() {
    for (Ink ink : Ink.values()) {
      var property =
          new javafx.css.SimpleStyleableObjectProperty<>(
              METADATA.get(ink), this, ink.name(), Color.GRAY);
      property.addListener(it -> inksChanged());
      colours.put(ink, property);
    }
  }

  private static Map<Ink, CssMetaData<Inks, Color>> metadata() {
    Map<Ink, CssMetaData<Inks, Color>> all = new EnumMap<>(Ink.class);
    for (Ink ink : Ink.values()) {
      all.put(
          ink,
          FACTORY.createColorCssMetaData(
              "-mat" + ink.lookedUp().substring(3), node -> node.colours.get(ink), Color.GRAY));
    }
    return all;
  }

  /** Called when the theme changed an ink. */
  protected abstract void inksChanged();

  /** The colour of an ink in the theme in use. */
  public Color colour(Ink ink) {
    return colours.get(ink).getValue();
  }

  @Override
  public List<CssMetaData<? extends Styleable, ?>> getCssMetaData() {
    List<CssMetaData<? extends Styleable, ?>> all = new ArrayList<>(Region.getClassCssMetaData());
    all.addAll(METADATA.values());
    return all;
  }
}
