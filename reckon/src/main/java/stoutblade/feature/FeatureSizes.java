package stoutblade.feature;

import static stoutblade.sum.Entry.choice;
import static stoutblade.sum.Entry.count;
import static stoutblade.sum.Entry.length;
import static stoutblade.sum.Entry.lengthOrNone;

import java.util.List;
import stoutblade.measure.Quantity;
import stoutblade.sum.Entry;

/** What is asked for each kind of feature. */
final class FeatureSizes {

  private static final List<Entry> HOLE = List.of(length("across", "Across", 10));

  private static final List<Entry> SLOT =
      List.of(length("long", "Length", 42), length("wide", "Width", 6));

  private static final List<Entry> WINDOW =
      List.of(
          length("long", "Width", 60),
          length("wide", "Height", 40),
          lengthOrNone("corner", "Corner radius", 8),
          lengthOrNone("frame", "Frame round it", 8));

  private static final List<Entry> CUTOUT =
      List.of(new Entry("grow", "Larger all round by", Quantity.LENGTH, 0, -500, 500, List.of()));

  private static final Entry TOOTH =
      choice("shape", "Shape", "pointed", "round", "square", "saw", "saw, turned", "barb");

  private static final Entry IN =
      choice("in", "Cut into", "all layers", "inner layers", "front layer", "back layer");

  private static final List<Entry> TEETH =
      List.of(TOOTH, length("wide", "At the root", 10), length("deep", "Height", 8), IN);

  private static final List<Entry> NOTCH =
      List.of(TOOTH, length("wide", "Width", 8), length("deep", "Depth", 6), IN);

  private static final List<Entry> DAMAGE =
      List.of(
          length("wide", "Widest nick", 14),
          length("deep", "Deepest nick", 5),
          count("throw", "Another throw", 1, 1, 999));

  private static final List<Entry> BEVEL =
      List.of(
          length("wide", "Width", 20),
          lengthOrNone("edge", "Edge thickness", 3),
          choice("faces", "Sanded on", "both faces", "one face"));

  private static final List<Entry> FULLER =
      List.of(
          length("wide", "Width", 12),
          length("deep", "Depth or height", 3),
          choice("way", "Made", "routed", "raised"));

  private static final List<Entry> LINE =
      List.of(
          length("wide", "Width", 2),
          new Entry("sag", "Bows out by", Quantity.LENGTH, 0, -2000, 2000, List.of()));

  private static final List<Entry> SCORES =
      List.of(
          length("long", "Each, length", 80),
          choice("way", "Cut", "scored", "as V grooves"),
          lengthOrNone("deep", "Depth", 2));

  private static final List<Entry> RIVET =
      List.of(length("across", "Across", 14), lengthOrNone("high", "Height", 7));

  private static final List<Entry> LETTERS =
      List.of(
          length("high", "Capitals, height", 24),
          choice("way", "Made", "engraved", "cut out", "laid on"),
          lengthOrNone("bridge", "Bridges to insides", 4));

  private static final List<Entry> ORNAMENT =
      List.of(
          choice("shape", "Shape", "ray", "chevron", "wave", "scale", "disc"),
          length("wide", "Width", 24),
          length("high", "Height", 60),
          choice("way", "Made", "engraved", "cut out", "laid on"));

  private static final List<Entry> RECESS =
      List.of(
          choice(
              "what",
              "For",
              "a magnet",
              "a nut",
              "a battery",
              "a light",
              "a wire",
              "a washer",
              "a hatch",
              "the core"),
          length("long", "Length, or across", 10),
          lengthOrNone("wide", "Width (0: round)", 0),
          length("deep", "Depth", 3),
          lengthOrNone("over", "Floor, over the back", 5),
          lengthOrNone("lip", "Lip, of a hatch", 6),
          length("lid", "Lid, of a hatch", 3));

  private static final List<Entry> FIXING =
      List.of(
          choice("what", "Held with", Fixing.What.words()),
          length("across", "Shank, across", 5),
          length("head", "Head or washer, across", 20),
          lengthOrNone("clear", "Foam wanted round it", 10),
          Entry.mass("weight", "One weighs", 12));

  /** The layers that nobody sees come first: the field is cut into them unless another is said. */
  private static final List<Entry> LIGHTENING =
      List.of(
          choice("shape", "Holes", "hexagons", "rounds"),
          length("across", "Each, across", 30),
          length("web", "Foam between", 10),
          lengthOrNone("rim", "Kept from the edge", 25),
          lengthOrNone("clear", "Kept from all else", 12),
          new Entry("in", IN.label(), Quantity.COUNT, 1, 0, 3, IN.choices()));

  private FeatureSizes() {}

  static List<Entry> of(Feature.Kind kind) {
    return switch (kind) {
      case HOLE -> HOLE;
      case SLOT -> SLOT;
      case WINDOW -> WINDOW;
      case CUTOUT -> CUTOUT;
      case TEETH -> TEETH;
      case NOTCH -> NOTCH;
      case DAMAGE -> DAMAGE;
      case BEVEL -> BEVEL;
      case FULLER -> FULLER;
      case LINE -> LINE;
      case SCORES -> SCORES;
      case RIVET -> RIVET;
      case LETTERS -> LETTERS;
      case ORNAMENT -> ORNAMENT;
      case RECESS -> RECESS;
      case FIXING -> FIXING;
      case LIGHTENING -> LIGHTENING;
    };
  }
}
