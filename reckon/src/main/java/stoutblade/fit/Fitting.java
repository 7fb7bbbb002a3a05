package stoutblade.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.wearer.BodyMeasure;
import stoutblade.wearer.Segment;
import stoutblade.wearer.Wearer;

/**
 * The prop with its wearer.
 *
 * @param length the whole prop, as made
 * @param body lengths of the wearer that hold a prop, by their figures' ids
 * @param lowest how far its lowest place is from the floor in each pose that can be told; negative
 *     where it would be below it
 * @param handle the length of handle that the hands take; empty without a handle said
 * @param piece the longest piece on the way
 * @param passed which passages it passes, by name
 * @param figures all figures, in the order in which they are shown
 */
public record Fitting(
    Figure length,
    Map<String, Figure> body,
    Map<Pose, Figure> lowest,
    Optional<Figure> handle,
    Figure piece,
    Map<String, Boolean> passed,
    List<Figure> figures) {

  /** A handle that is held hard measures so much across at least, in mm. */
  public static final double THINNEST_GRIP_MM = 32;

  /** A handle that is held hard measures so much across at most, in mm. */
  public static final double THICKEST_GRIP_MM = 50;

  /** Where the two limits come from. */
  public static final Source GRIP_SOURCE =
      Source.handbook("NIOSH publication 2004-164, hand tools: power grip (from memory)");

  /** The height of the hand that hangs at the side. */
  public static final String HAND_HEIGHT = "fit.hand-height";

  /** The height of the hand with the forearm held level. */
  public static final String ELBOW_HEIGHT = "fit.elbow-height";

  /** The knee's height. */
  public static final String KNEE_HEIGHT = "fit.knee-height";

  private static final double BACK_SLANT_RAD = Math.toRadians(30);
  private static final double USUAL_THICKNESS_MM = 40;

  /**
   * What of the prop bears on its fit.
   *
   * @param length the whole prop
   * @param width its greatest width
   */
  public record Bulk(Figure length, Figure width) {}

  /**
   * Works out the fit.
   *
   * @param bulk what is known of the prop's size
   */
  public static Fitting of(Wearer wearer, Carry carry, List<Passage> passages, Bulk bulk) {
    return new Work(wearer, carry, passages, bulk).fitting();
  }

  /** The figures of one fit. */
  private record Work(Wearer wearer, Carry carry, List<Passage> passages, Bulk bulk) {

    Fitting fitting() {
      Map<String, Figure> body = body();
      Map<Pose, Figure> lowest = lowest(body);
      Optional<Figure> handle = handle();
      Figure piece = piece();
      Map<String, Boolean> passed = new TreeMap<>();
      for (Passage passage : passages) {
        passed.put(
            passage.name(),
            Passing.passes(
                piece.value(),
                bulk.width().value(),
                Math.min(bulk.width().value(), carry.thicknessMm().orElse(USUAL_THICKNESS_MM)),
                passage));
      }
      List<Figure> figures = new ArrayList<>(lowest.values());
      handle.ifPresent(figures::add);
      if (carry.apartAtMm().isPresent()) {
        figures.add(piece);
      }
      figures.add(body.get(HAND_HEIGHT));
      return new Fitting(bulk.length(), body, lowest, handle, piece, passed, List.copyOf(figures));
    }

    private Map<String, Figure> body() {
      Figure height = wearer.height();
      Figure shoulder = BodyMeasure.SHOULDER_HEIGHT.of(wearer, height);
      Figure reach = BodyMeasure.REACH.of(wearer, height);
      Figure upperArm = Segment.UPPER_ARM.of(height, "fit");
      Map<String, Figure> all = new TreeMap<>();
      all.put(
          HAND_HEIGHT,
          Figure.computed(
              HAND_HEIGHT,
              "Hand hanging at the side, above the floor",
              Quantity.LENGTH,
              "{" + shoulder.id() + "} - {" + reach.id() + "}",
              Source.GEOMETRY,
              shoulder,
              reach));
      all.put(
          ELBOW_HEIGHT,
          Figure.computed(
              ELBOW_HEIGHT,
              "Hand with the forearm level, above the floor",
              Quantity.LENGTH,
              "{" + shoulder.id() + "} - {" + upperArm.id() + "}",
              Source.GEOMETRY,
              shoulder,
              upperArm));
      all.put(KNEE_HEIGHT, Segment.KNEE_HEIGHT.of(height, "fit"));
      return all;
    }

    private Map<Pose, Figure> lowest(Map<String, Figure> body) {
      Map<Pose, Figure> all = new TreeMap<>();
      Figure length = bulk.length();
      carry
          .gripAtMm()
          .ifPresent(
              mm -> {
                Figure grip =
                    Figure.given(
                        "fit.grip-at",
                        "Middle of the grip from the butt",
                        mm,
                        Quantity.LENGTH,
                        Source.DECIDED);
                all.put(Pose.UPRIGHT, upright(body.get(ELBOW_HEIGHT), grip));
                all.put(Pose.HANGING, hanging(body.get(HAND_HEIGHT), length, grip));
              });
      all.put(Pose.BACK, back(length));
      if (carry.kind() == Carry.Kind.ARM) {
        all.put(Pose.ARM, arm(body.get(ELBOW_HEIGHT), length));
      }
      return all;
    }

    private static Figure upright(Figure hand, Figure grip) {
      return Figure.computed(
          "fit.upright",
          "Held upright, forearm level: butt above the floor",
          Quantity.LENGTH,
          "{" + hand.id() + "} - {" + grip.id() + "}",
          Source.GEOMETRY,
          hand,
          grip);
    }

    private static Figure hanging(Figure hand, Figure length, Figure grip) {
      return Figure.computed(
          "fit.hanging",
          "Hanging at the side: tip above the floor",
          Quantity.LENGTH,
          "{" + hand.id() + "} - ({" + length.id() + "} - {" + grip.id() + "})",
          Source.GEOMETRY,
          hand,
          length,
          grip);
    }

    private Figure back(Figure length) {
      Figure shoulder = BodyMeasure.SHOULDER_HEIGHT.of(wearer, wearer.height());
      Figure slant =
          Figure.given(
              "fit.back-slant",
              "Slant on the back",
              BACK_SLANT_RAD,
              Quantity.ANGLE,
              Source.assumption("about 30° from upright, its middle a hand below the shoulders"));
      Figure hand = BodyMeasure.HAND_LENGTH.of(wearer, wearer.height());
      return Figure.computed(
          "fit.back",
          "On the back, at an angle: lower end above the floor",
          Quantity.LENGTH,
          "{"
              + shoulder.id()
              + "} - {"
              + hand.id()
              + "} - {"
              + length.id()
              + "} / 2 * cos({fit.back-slant})",
          Source.GEOMETRY,
          shoulder,
          hand,
          length,
          slant);
    }

    private static Figure arm(Figure elbow, Figure length) {
      return Figure.computed(
          "fit.arm",
          "On the arm, forearm level: lower rim above the floor",
          Quantity.LENGTH,
          "{" + elbow.id() + "} - {" + length.id() + "} / 2",
          Source.GEOMETRY,
          elbow,
          length);
    }

    private Optional<Figure> handle() {
      if (carry.gripLengthMm().isEmpty()) {
        return Optional.empty();
      }
      Figure breadth = BodyMeasure.HAND_BREADTH.of(wearer, wearer.height());
      Figure hands =
          Figure.given(
              "fit.hands", "Hands that hold it", carry.hands(), Quantity.COUNT, Source.DECIDED);
      Figure glove =
          Figure.given(
              "fit.glove",
              "Room for a glove at each hand",
              10,
              Quantity.LENGTH,
              Source.assumption("a padded glove takes about a centimetre"),
              3);
      return Optional.of(
          Figure.computed(
              "fit.handle",
              "Handle that the hands take",
              Quantity.LENGTH,
              "{fit.hands} * ({" + breadth.id() + "} + {fit.glove})",
              Source.GEOMETRY,
              hands,
              breadth,
              glove));
    }

    private Figure piece() {
      Figure length = bulk.length();
      if (carry.apartAtMm().isEmpty() || carry.apartAtMm().get() >= length.value()) {
        return length;
      }
      Figure at =
          Figure.given(
              "fit.apart",
              "Comes apart at, from the butt",
              carry.apartAtMm().get(),
              Quantity.LENGTH,
              Source.DECIDED);
      return Figure.computed(
          "fit.piece",
          "Longest piece in transport",
          Quantity.LENGTH,
          "max({fit.apart}, {" + length.id() + "} - {fit.apart})",
          Source.GEOMETRY,
          at,
          length);
    }
  }
}
