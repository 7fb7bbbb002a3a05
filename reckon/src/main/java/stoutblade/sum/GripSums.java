package stoutblade.sum;

import java.util.List;
import stoutblade.catalogue.Catalogue;
import stoutblade.develop.GripProfile;
import stoutblade.develop.Swelling;

/** Grips that are thicker in one place than in another. */
final class GripSums {

  static final List<Entry> SWELL =
      List.of(
          Entry.length("former", "Core or tube, across", 18),
          Entry.length("foam", "Foam of each turn", 2),
          Entry.length("length", "Grip, length", 180),
          Entry.length("low", "Lower end, across", 30),
          Entry.length("lower", "A quarter up", 37),
          Entry.length("middle", "In the middle", 40),
          Entry.length("upper", "Three quarters up", 35),
          Entry.length("high", "Upper end, across", 28),
          Entry.lengthOrNone("deeper", "Deeper than wide by", 0),
          Entry.choice("way", "Wound", "turn by turn", "turns to sand", "one strip"));

  private GripSums() {}

  static Answer swell(Values in, Catalogue catalogue) {
    GripProfile profile =
        new GripProfile(
            in.get("length"),
            List.of(
                in.get("low"), in.get("lower"), in.get("middle"), in.get("upper"), in.get("high")));
    return ShapeSums.flat(
        "swell",
        new Swelling(
            in.get("former"),
            in.get("foam"),
            profile,
            in.get("deeper"),
            List.of(Swelling.Way.values()).get(in.count("way"))));
  }
}
