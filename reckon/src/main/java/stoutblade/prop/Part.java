package stoutblade.prop;

import java.util.List;
import java.util.Optional;
import stoutblade.develop.Developed;
import stoutblade.develop.Strip;
import stoutblade.shape.Path;

/** A part of the prop beside its blade. */
public sealed interface Part permits ShapedPart, Plate, FlatPart, SlicedPart {

  /** The most parts of one prop. */
  int MOST_PARTS = 200;

  /** The longest name of a part. */
  int LONGEST_NAME = 60;

  /** Unique among the parts of a prop: d and a number. */
  String id();

  /** What the maker calls it. */
  String name();

  /** The catalogue id of its foam. */
  String foamId();

  /** How thick it is, in mm. */
  double thicknessMm();

  /** Where it is on the prop. */
  Placing placing();

  /** It, laid out flat. */
  Developed developed();

  /** The strip that it is cut from, where it is bought by the length and not as a sheet. */
  default Optional<Strip> strip() {
    return Optional.empty();
  }

  /** What is seen of it from the front of the prop, in its own frame: the largest line first. */
  List<Path> seen();

  /** The same under another id. */
  Part withId(String changed);

  Part withName(String changed);

  Part withFoam(String changedId, double mm);

  Part withPlacing(Placing changed);

  /** The same made larger or smaller; the thickness of sheets stays. */
  Part times(double factor);

  /**
   * Checks what every part has.
   *
   * @throws IllegalArgumentException if the id or the name is not right
   */
  static void check(String id, String name, double thicknessMm) {
    if (!id.matches("d[1-9][0-9]{0,3}")) {
      throw new IllegalArgumentException("A part's id is d and a number; found '" + id + "'");
    }
    if (name.isBlank() || name.length() > LONGEST_NAME) {
      throw new IllegalArgumentException(
          "A part has a name of 1 to " + LONGEST_NAME + " characters; found '" + name + "'");
    }
    if (!(thicknessMm > 0 && thicknessMm <= 500)) {
      throw new IllegalArgumentException(
          "A part is above 0 and up to 500 mm thick; found " + thicknessMm);
    }
  }
}
