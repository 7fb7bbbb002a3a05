package stoutblade.desktop.station.size;

import java.util.List;
import java.util.Optional;
import stoutblade.desktop.Key;
import stoutblade.reference.Measure;

/** What can be marked on a picture. */
enum Tool {
  FIGURE("Person", Key.PERSON, 2, 24),
  KNOWN("Known object", Key.KNOWN, 2, 2),
  BODY("Body part", Key.BODY, 2, 2),
  PRINT("Print", Key.PAPER, 2, 2),
  RECTANGLE("Seen at an angle", Key.ANGLE, 4, 4),
  WHOLE("Overall length", Key.WHOLE, 2, 2),
  CENTRE_LINE("Centre line", Key.CENTRE, 2, 2),
  LENGTH("Length", 2, 2),
  ANGLE("Angle", 3, 3),
  CIRCLE("Circle", 3, 3),
  ARC("Arc", 3, 3),
  AREA("Area", 3, 200),
  COUNT("Count along a line", 2, 200),
  HORIZON("Mark the horizon", 2, 2),
  UPRIGHT("Mark an upright edge", 2, 2),
  LEVEL("Level it by a line", 2, 2),
  CROP("Show a part", 2, 2),
  TRACE("Trace", Key.DRAW, 2, 2);

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
      case FIGURE -> "Click at the head, drag to the heel. Bent pose: click along the body, Enter";
      case KNOWN -> "Drag along a thing whose size you know";
      case BODY -> "Drag along a forearm, a hand, the shoulders";
      case PRINT -> "Drag along a length on the print that you can measure on paper";
      case WHOLE -> "Drag along the whole prop, from butt to tip";
      case CENTRE_LINE -> "Drag along the blade's centre line, from its base to its tip";
      case RECTANGLE -> "Click its four corners, one after another round it";
      case ANGLE -> "Click one leg, the corner, the other leg";
      case CIRCLE, ARC -> "Click three places along it";
      case AREA -> "Click round it; Enter ends";
      case COUNT -> "Click each one in turn; Enter ends";
      case HORIZON -> "Drag along the horizon: level lines that run away from you meet on it";
      case UPRIGHT -> "Drag along an edge that stands upright: a door frame, a post; two are best";
      case LEVEL -> "Drag along what should be level or upright";
      case CROP, TRACE -> "Drag a box round it";
      default -> "Click at one end, drag to the other, let go";
    };
  }
}
