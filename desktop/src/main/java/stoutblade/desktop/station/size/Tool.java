package stoutblade.desktop.station.size;

import java.util.List;
import java.util.Optional;
import stoutblade.desktop.Key;
import stoutblade.desktop.texts.Texts;
import stoutblade.reference.Measure;

/** What can be marked on a picture. */
enum Tool {
  FIGURE(Texts.SIZE.of("person"), Key.PERSON, 2, 24),
  KNOWN(Texts.SIZE.of("known-object"), Key.KNOWN, 2, 2),
  BODY(Texts.SIZE.of("body-part"), Key.BODY, 2, 2),
  PRINT(Texts.SIZE.of("print"), Key.PAPER, 2, 2),
  RECTANGLE(Texts.SIZE.of("seen-at-an-angle"), Key.ANGLE, 4, 4),
  WHOLE(Texts.SIZE.of("overall-length"), Key.WHOLE, 2, 2),
  CENTRE_LINE(Texts.SIZE.of("centre-line-tool"), Key.CENTRE, 2, 2),
  LENGTH(Texts.SIZE.of("length"), 2, 2),
  ANGLE(Texts.SIZE.of("angle"), 3, 3),
  CIRCLE(Texts.SIZE.of("circle"), 3, 3),
  ARC(Texts.SIZE.of("arc"), 3, 3),
  AREA(Texts.SIZE.of("area"), 3, 200),
  COUNT(Texts.SIZE.of("count-along-a-line"), 2, 200),
  HORIZON(Texts.SIZE.of("mark-the-horizon"), 2, 2),
  UPRIGHT(Texts.SIZE.of("mark-an-upright-edge"), 2, 2),
  LEVEL(Texts.SIZE.of("level-it-by-a-line"), 2, 2),
  CROP(Texts.SIZE.of("show-a-part"), 2, 2),
  TRACE(Texts.SIZE.of("trace"), Key.DRAW, 2, 2);

  /** What tells the scale. */
  static final List<Tool> RULERS = List.of(FIGURE, KNOWN, BODY, PRINT, RECTANGLE);

  /** What is measured. */
  static final List<Tool> MEASURES = List.of(LENGTH, ANGLE, CIRCLE, ARC, AREA, COUNT);

  /** What tells how the camera was held. */
  static final List<Tool> CAMERA = List.of(HORIZON, UPRIGHT);

  private final String words;
  private final Optional<Key> key;
  private final int least;
  private final int most;

  Tool(String words, Key key, int least, int most) {
    this.words = words;
    this.key = Optional.ofNullable(key);
    this.least = least;
    this.most = most;
  }

  Tool(String words, int least, int most) {
    this(words, null, least, most);
  }

  String words() {
    return words;
  }

  /** The key that takes it up. */
  Optional<Key> key() {
    return key;
  }

  int least() {
    return least;
  }

  int most() {
    return most;
  }

  /** The kind of measure that it makes. */
  Optional<Measure.Kind> measure() {
    return MEASURES.contains(this) ? Optional.of(Measure.Kind.valueOf(name())) : Optional.empty();
  }

  /** How it is used, in a few words. */
  String how() {
    return switch (this) {
      case FIGURE -> Texts.SIZE.of("click-at-the-head-drag");
      case KNOWN -> Texts.SIZE.of("drag-along-a-thing-whose");
      case BODY -> Texts.SIZE.of("drag-along-a-forearm-a");
      case PRINT -> Texts.SIZE.of("drag-along-a-length-on");
      case WHOLE -> Texts.SIZE.of("drag-along-the-whole-prop");
      case CENTRE_LINE -> Texts.SIZE.of("drag-along-the-blades-centre");
      case RECTANGLE -> Texts.SIZE.of("click-its-four-corners-one");
      case ANGLE -> Texts.SIZE.of("click-one-leg-the-corner");
      case CIRCLE, ARC -> Texts.SIZE.of("click-three-places-along-it");
      case AREA -> Texts.SIZE.of("click-round-it-enter-ends");
      case COUNT -> Texts.SIZE.of("click-each-one-in-turn");
      case HORIZON -> Texts.SIZE.of("drag-along-the-horizon-level");
      case UPRIGHT -> Texts.SIZE.of("drag-along-an-edge-that");
      case LEVEL -> Texts.SIZE.of("drag-along-what-should-be");
      case CROP, TRACE -> Texts.SIZE.of("drag-a-box-round-it");
      default -> Texts.SIZE.of("click-at-one-end-drag");
    };
  }
}
