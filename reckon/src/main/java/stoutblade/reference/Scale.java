package stoutblade.reference;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.measure.Doubt;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.wearer.Wearer;

/**
 * What a pixel stands for on a reference picture.
 *
 * @param wearerHeight the wearer's height
 * @param figurePx the figure's height on the picture
 * @param mmPerPixel the scale, with its doubt
 * @param check the second length, where one is marked
 * @param wholeLength the prop from butt to tip, where it is marked
 * @param centreLine the blade's centre line, where it is marked
 */
public record Scale(
    Figure wearerHeight,
    Figure figurePx,
    Figure mmPerPixel,
    Optional<Check> check,
    Optional<Figure> wholeLength,
    Optional<Figure> centreLine) {

  /** Stature changes by about this much in a day and with the way of standing, in mm. */
  static final double STATURE_STD_MM = 5;

  private static final Source MARKED =
      Source.measured("marked on the picture; both ends are unsure by the marking precision");

  /**
   * A second length measured with the scale.
   *
   * @param known what the thing really measures
   * @param measured what the scale makes of it
   * @param difference measured less known
   * @param expected the greatest difference that the doubt explains, 19 times in 20
   */
  public record Check(Figure known, Figure measured, Figure difference, Figure expected) {

    /** True where the difference is more than the doubt explains. */
    public boolean disagrees() {
      return Math.abs(difference.value()) > expected.value();
    }
  }

  /** Works out the scale, or nothing while the figure's height is not marked. */
  public static Optional<Scale> of(Reference reference, Wearer wearer) {
    return reference.figureHeight().map(mark -> scale(reference, mark, wearer));
  }

  private static Scale scale(Reference reference, Mark height, Wearer wearer) {
    Figure wearerHeight =
        Figure.given(
            "size.wearer",
            "Wearer's height",
            wearer.heightMm(),
            Quantity.LENGTH,
            Source.measured("stated; standing height varies by about 5 mm over a day"),
            STATURE_STD_MM);
    Figure figurePx = marked("size.figure", "Figure on the picture", height, reference);
    Figure mmPerPixel =
        Figure.computed(
            "size.scale",
            "Scale of the picture",
            Quantity.MM_PER_PIXEL,
            "{size.wearer} / {size.figure}",
            Source.practice("the person who plays the character scales the picture"),
            wearerHeight,
            figurePx);
    return new Scale(
        wearerHeight,
        figurePx,
        mmPerPixel,
        reference.check().map(known -> check(known, reference, mmPerPixel)),
        reference
            .whole()
            .map(
                mark ->
                    length("size.whole", "Whole prop, butt to tip", mark, reference, mmPerPixel)),
        reference
            .centreLine()
            .map(
                mark ->
                    length("size.line", "Centre line, as marked", mark, reference, mmPerPixel)));
  }

  /**
   * The length of a mark: each end unsure by the marking precision, both along the line, so their
   * variances add.
   */
  private static Figure marked(String id, String label, Mark mark, Reference reference) {
    double std = reference.markingPx() * Math.sqrt(2);
    return Figure.given(id, label, mark.lengthPx(), Quantity.PIXELS, MARKED, std);
  }

  private static Check check(KnownLength known, Reference reference, Figure mmPerPixel) {
    Figure truth =
        Figure.given(
            "size.check.known",
            known.name() + ", known",
            known.lengthMm(),
            Quantity.LENGTH,
            Source.measured("stated length of the thing on the picture"));
    Figure px = marked("size.check.px", known.name() + " on the picture", known.mark(), reference);
    Figure measured =
        Figure.computed(
            "size.check.measured",
            known.name() + ", by the scale",
            Quantity.LENGTH,
            "{size.check.px} * {size.scale}",
            Source.GEOMETRY,
            px,
            mmPerPixel);
    Figure difference =
        Figure.computed(
            "size.check.difference",
            "Measured twice: difference",
            Quantity.LENGTH,
            "{size.check.measured} - {size.check.known}",
            Source.GEOMETRY,
            measured,
            truth);
    Figure expected =
        Figure.found(
            "size.check.expected",
            "Difference that the doubt explains",
            difference.doubt().range95(),
            Quantity.LENGTH,
            "two standard deviations of {size.check.difference}, 19 times in 20",
            Source.handbook("ISO/IEC Guide 98-3 (GUM), coverage factor 2 (from memory)"),
            Doubt.NONE,
            difference);
    return new Check(truth, measured, difference, expected);
  }

  private static Figure length(
      String id, String label, Mark mark, Reference reference, Figure mmPerPixel) {
    return Figure.computed(
        id,
        label,
        Quantity.LENGTH,
        "{" + id + ".px} * {size.scale}",
        Source.GEOMETRY,
        marked(id + ".px", label + ", on the picture", mark, reference),
        mmPerPixel);
  }

  /** All figures that a person is shown, in order. */
  public List<Figure> figures() {
    List<Figure> all = new ArrayList<>(List.of(wearerHeight, figurePx, mmPerPixel));
    wholeLength.ifPresent(all::add);
    centreLine.ifPresent(all::add);
    check.ifPresent(
        it -> all.addAll(List.of(it.known(), it.measured(), it.difference(), it.expected())));
    return all;
  }
}
