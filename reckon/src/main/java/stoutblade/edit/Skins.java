package stoutblade.edit;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import stoutblade.feature.Where;
import stoutblade.part.Cut;
import stoutblade.part.Follow;
import stoutblade.part.Formed;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.Prop;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;

/** Skins over a part that is cut along an outline, and bands round its edge. */
public final class Skins {

  /** The sum of a band round an edge, and the entry that is its length. */
  private static final String BAND = "band";

  private static final String ROUND = "round";
  private static final double FINE_MM = 0.01;

  /** A band that is as long as the edge, give or take so much, stays as long. */
  private static final double AS_LONG_MM = 0.5;

  private Skins() {}

  /**
   * A skin over both faces of a part and round its edge: two faces that follow its outline, one
   * mirrored, and a strip; what is cut through it is cut through them. All of them follow when the
   * part changes.
   *
   * @param skinMm how thick the skin is
   * @param trimMm how far a face stands over the edge, to be trimmed once it is glued
   */
  public static PropEdit over(String id, double skinMm, double trimMm) {
    return PropEdit.of(
        "Skin it",
        prop -> {
          Part part = prop.needed(id);
          Outline outline = part.neededOutline();
          Prop faced =
              add(
                  prop,
                  part,
                  Followers.add(
                      called(part, "faces"),
                      Follow.on(id).withOffset(skinMm + trimMm).withOpenings(true),
                      skinMm));
          Map<String, Double> sizes = new HashMap<>();
          sizes.put(ROUND, perimeter(outline));
          sizes.put(Formed.THICKNESS, skinMm);
          sizes.put("width", part.thicknessMm());
          Prop banded = add(faced, part, PartEdits.addShape(called(part, "edge"), BAND, sizes));
          Part face = banded.parts().get(banded.parts().size() - 2);
          return banded.with(
              face.withPlacing(face.placing().made(2, 1).showing(Placing.Faces.BOTH)));
        });
  }

  /** The last part that an edit adds lies on the one that is skinned. */
  private static Prop add(Prop prop, Part on, PropEdit edit) {
    Prop after = edit.change().applyTo(prop, null);
    Part last = after.parts().getLast();
    return after.with(last.withPlacing(last.placing().on(on.id()).at(Where.At.of(0, 0))));
  }

  private static String called(Part part, String what) {
    String name = part.name() + ", skin of its " + what;
    return name.substring(0, Math.min(name.length(), Part.LONGEST_NAME));
  }

  // == BANDS

  private static double perimeter(Outline outline) {
    Path around = outline.outline();
    return around.length(FINE_MM);
  }

  /**
   * A band that was as long as the edge that it is on, and is to be as long as that is now.
   *
   * @param before what carried it before a change
   * @param after what carries it now
   */
  static Part banded(Part part, Optional<Part> before, Optional<Part> after) {
    Optional<Formed> band = part.formed().filter(it -> it.sum().equals(BAND));
    Optional<Outline> was = before.flatMap(Part::cut).map(Cut::outline).filter(Outline::drawn);
    Optional<Outline> is = after.flatMap(Part::cut).map(Cut::outline).filter(Outline::drawn);
    if (band.isEmpty() || was.isEmpty() || is.isEmpty() || was.equals(is)) {
      return part;
    }
    double round = band.get().sizes().getOrDefault(ROUND, 0.0);
    return Math.abs(round - perimeter(was.get())) > AS_LONG_MM
        ? part
        : part.withShape(band.get().with(ROUND, perimeter(is.get())));
  }
}
