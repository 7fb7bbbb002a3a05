package stoutblade.desktop.sums;

import java.util.Optional;
import java.util.function.Function;
import stoutblade.desktop.Desk;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.texts.Texts;
import stoutblade.develop.Ring;
import stoutblade.feature.Where;
import stoutblade.part.Part;
import stoutblade.shape.Point;

/**
 * How far round a rolled sheet something lies, as an angle from its front: the seam is at the back.
 */
final class RoundField {

  private static final double TURN = 360;

  private final EntryField field;
  private Optional<Part> part = Optional.empty();

  /**
   * A field.
   *
   * @param put moves what is selected; false where that was refused
   */
  RoundField(Desk desk, Function<Function<Where, Where>, Boolean> put) {
    field =
        EntryField.number(
            desk,
            "°",
            () -> Texts.SUMS.of("an-angle-in-degrees-0"),
            degrees -> put.apply(it -> it.moved(new Point(across(degrees) - it.middle().x(), 0))));
    field.setId("detail-round");
    field.setPrefColumnCount(4);
  }

  EntryField control() {
    return field;
  }

  /** The length of the rolled sheet, where it is one. */
  private static Optional<Double> length(Part part) {
    return part.formed()
        .map(it -> it.form(part.thicknessMm()))
        .filter(Ring.class::isInstance)
        .map(it -> Math.PI * ((Ring) it).middleMm());
  }

  /** True where the part is a sheet that is rolled once round. */
  boolean of(Optional<Part> now) {
    part = now;
    return now.flatMap(RoundField::length).isPresent();
  }

  void show(Where where) {
    part.flatMap(RoundField::length)
        .ifPresent(it -> field.show((where.middle().x() / it - 0.5) * TURN));
  }

  private double across(double degrees) {
    return (degrees / TURN + 0.5) * part.flatMap(RoundField::length).orElse(0.0);
  }
}
