package stoutblade.fit;

import java.util.ArrayList;
import java.util.List;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.wearer.BodyOutline;
import stoutblade.wearer.Segment;

/**
 * The wearer's figure in a pose, and how the prop lies in it; in mm, standing on y = 0.
 *
 * @param body closed outlines, those behind first
 * @param propBehind true where the prop lies behind the body
 * @param grip where the place by which the prop is held is
 * @param gripAt how far along the prop, from its butt, that place is
 * @param leanRad how far the prop leans from upright, clockwise; half a turn for tip down
 */
public record Posture(
    List<Path> body, boolean propBehind, Point grip, double gripAt, double leanRad) {

  private static final double HANGING_LEAN = Math.toRadians(172);
  private static final double BACK_LEAN = Math.toRadians(30);

  /**
   * A pose.
   *
   * @param side true for the view from the side
   * @param stature the wearer's height
   * @param length the prop's
   * @param gripAt the middle of the grip from the butt
   */
  public static Posture of(Pose pose, boolean side, double stature, double length, double gripAt) {
    double h = stature;
    double shoulderY = Segment.SHOULDER_HEIGHT.of(h);
    Point shoulder =
        side ? new Point(0, shoulderY - 0.02 * h) : new Point(0.108 * h, shoulderY - 0.02 * h);
    double elbowY = shoulderY - Segment.UPPER_ARM.of(h);
    double out = Segment.FOREARM.of(h) + Segment.HAND.of(h) / 2;
    return switch (pose) {
      case UPRIGHT -> upright(side, h, shoulder, elbowY, out, gripAt);
      case HANGING -> {
        Point hand = new Point(side ? 0.03 * h : 0.158 * h, elbowY - out);
        Point elbow = new Point(side ? -0.015 * h : 0.142 * h, elbowY);
        yield posture(side, h, List.of(shoulder, elbow, hand), false, hand, gripAt, HANGING_LEAN);
      }
      case BACK -> {
        Point middle = new Point(side ? -0.10 * h : 0, shoulderY - Segment.HAND.of(h));
        yield posture(
            side,
            h,
            hanging(side, h, shoulder, elbowY, out),
            true,
            middle,
            length / 2,
            side ? 0.12 : BACK_LEAN);
      }
      case ARM -> {
        Point hand = new Point(side ? out : 0.02 * h, elbowY);
        Point elbow = new Point(side ? 0 : 0.15 * h, elbowY);
        Point held = new Point(side ? out + 0.02 * h : 0.07 * h, elbowY);
        yield posture(side, h, List.of(shoulder, elbow, hand), false, held, length / 2, 0);
      }
    };
  }

  /** The forearm level; a prop too long below is lifted until it stands on the floor. */
  private static Posture upright(
      boolean side, double h, Point shoulder, double elbowY, double out, double gripAt) {
    double raised = Math.max(elbowY, gripAt);
    double highest = shoulder.y() + out + Segment.UPPER_ARM.of(h) * 0.9;
    double handY = Math.min(raised, highest);
    Point hand = new Point(side ? out : 0.2 * h, handY);
    Point elbow =
        handY > elbowY + 0.02 * h
            ? elbow(shoulder, hand, Segment.UPPER_ARM.of(h), out)
            : new Point(side ? 0 : 0.145 * h, elbowY);
    Point reached = reachable(shoulder, hand, Segment.UPPER_ARM.of(h) + out);
    Point grip = side ? reached : hand;
    return posture(side, h, List.of(shoulder, elbow, grip), false, grip, gripAt, 0);
  }

  private static Point reachable(Point shoulder, Point hand, double reach) {
    double away = shoulder.distance(hand);
    return away <= reach
        ? hand
        : new Point(
            shoulder.x()
                + Math.sqrt(Math.max(0, reach * reach - Math.pow(hand.y() - shoulder.y(), 2))),
            hand.y());
  }

  /** Where the elbow is, bent downwards and outwards, by the law of cosines. */
  private static Point elbow(Point shoulder, Point hand, double upper, double fore) {
    Point to = hand.minus(shoulder);
    double away = Math.min(to.length(), (upper + fore) * 0.999);
    double share = (upper * upper - fore * fore + away * away) / (2 * away);
    double off = Math.sqrt(Math.max(0, upper * upper - share * share));
    Point along = to.times(1 / Math.max(1e-9, to.length()));
    Point across = new Point(along.y(), -along.x());
    return shoulder.plus(along.times(share)).plus(across.times(off * 0.8));
  }

  private static List<Point> hanging(
      boolean side, double h, Point shoulder, double elbowY, double out) {
    return List.of(
        shoulder,
        new Point(side ? -0.01 * h : 0.142 * h, elbowY),
        new Point(side ? 0.02 * h : 0.15 * h, elbowY - out));
  }

  private static Posture posture(
      boolean side,
      double h,
      List<Point> arm,
      boolean behind,
      Point grip,
      double gripAt,
      double lean) {
    List<Path> body = new ArrayList<>();
    if (side) {
      body.addAll(BodyOutline.side(h));
    } else {
      body.add(BodyOutline.hangingArm(h));
      body.addAll(BodyOutline.front(h));
    }
    body.add(BodyOutline.arm(arm.get(0), arm.get(1), arm.get(2), h));
    return new Posture(List.copyOf(body), behind, grip, gripAt, lean);
  }

  /**
   * A place of the prop in the pose.
   *
   * @param place across and along the prop from its butt
   */
  public Point place(Point place) {
    double along = place.y() - gripAt;
    double c = Math.cos(leanRad);
    double s = Math.sin(leanRad);
    return grip.plus(new Point(place.x() * c + along * s, -place.x() * s + along * c));
  }
}
