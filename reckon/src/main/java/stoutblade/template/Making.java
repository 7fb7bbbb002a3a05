package stoutblade.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import stoutblade.measure.Display;
import stoutblade.measure.Units;

/**
 * What a part is made of and how often.
 *
 * @param partId the part
 * @param name what the maker calls it
 * @param foam its foam's name
 * @param thicknessMm its thickness, in mm
 * @param made how many are made
 * @param mirrored how many of them are cut mirrored
 * @param hidden true where the drawn side is the hidden one
 * @param textured true where the sheet has a texture on one face
 */
public record Making(
    String partId,
    String name,
    String foam,
    double thicknessMm,
    int made,
    int mirrored,
    boolean hidden,
    boolean textured) {

  private static final int MOST_LISTED = 400;

  /** A part that is made once, of a foam that is not named. */
  public static Making once(String partId, String name) {
    return new Making(partId, name, "", 0, 1, 0, false, false);
  }

  /** The same of another thickness, which its name tells. */
  public Making of(double mm, Units units) {
    return new Making(
        partId,
        name + ", " + Display.length(mm, units),
        foam,
        mm,
        made,
        mirrored,
        hidden,
        textured);
  }

  /** The strips that cover its splices, of a foam of their own. */
  public Making covers(String foamName, double mm) {
    return new Making(partId, name + ", cover strips", foamName, mm, made, 0, true, false);
  }

  /** A name for a file: the id and the name in lower-case letters, digits and hyphens. */
  String fileId() {
    String plain = plain(name);
    return plain.isEmpty() ? partId : partId + "-" + plain;
  }

  /** A name as it can stand in that of a file: lower-case letters, digits and hyphens. */
  public static String plain(String name) {
    return name.toLowerCase(Locale.ROOT)
        .replaceAll("[^\\p{L}\\p{Nd}]+", "-")
        .replaceAll("^-|-$", "");
  }

  /** What is cut by a template, over its heading. */
  String title() {
    return name + (made > 1 ? ", made " + made + " times" : "");
  }

  /** The pieces that are cut, each with its hand. */
  List<Template.Copy> copies(String piece, int each) {
    List<Template.Copy> copies = new ArrayList<>();
    int all = Math.min(MOST_LISTED, made * each);
    int turned = mirrored * each;
    for (int i = 0; i < all; i++) {
      String number = all > 1 ? " " + (i + 1) : "";
      copies.add(new Template.Copy(piece + number, i >= made * each - turned));
    }
    return copies;
  }

  /** What stands on the template beside the name. */
  List<String> lines(Units units) {
    List<String> lines = new ArrayList<>();
    if (foam.isEmpty()) {
      return lines;
    }
    lines.add(foam + " " + Display.length(thicknessMm, units) + ", cut " + made);
    if (mirrored > 0) {
      lines.add(made - mirrored + " as printed, " + mirrored + " mirrored: turn the paper over");
    }
    lines.add(hidden ? "This side is hidden" : "This side up: it shows");
    if (textured) {
      lines.add("Grind the texture off before glue");
    }
    return lines;
  }
}
