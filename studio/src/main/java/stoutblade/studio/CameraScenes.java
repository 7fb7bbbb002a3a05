package stoutblade.studio;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import stoutblade.measure.Figure;
import stoutblade.measure.Stated;
import stoutblade.reference.Mark;
import stoutblade.reference.Picture;
import stoutblade.reference.Reference;
import stoutblade.reference.Ruler;
import stoutblade.reference.Scale;
import stoutblade.shape.Point;
import stoutblade.wearer.Wearer;

/**
 * Random scenes seen by a known camera: a prop and rulers in front of a lens of random place, tilt,
 * focal length and distortion, marked with random error. Of each the true length is known.
 */
public final class CameraScenes {

  private static final int WIDTH = 3000;
  private static final int HEIGHT = 4000;
  private static final double MARKING_PX = 2;

  private final Random random;

  /** Scenes that are the same for the same seed. */
  public CameraScenes(long seed) {
    this.random = new Random(seed);
  }

  /**
   * What a picture made of a scene.
   *
   * @param truth the prop's true length, in mm
   * @param found its length by the picture, with its uncertainty
   */
  public record Outcome(double truth, Figure found) {

    /** True where the range holds the truth. */
    public boolean held() {
      return Math.abs(found.value() - truth) <= found.uncertainty().range95();
    }

    /** How far off the value is, as a share of the truth. */
    public double error() {
      return Math.abs(found.value() - truth) / truth;
    }
  }

  /** A camera with a lens that bends lines a little. */
  private record Lens(Camera camera, double k1) {

    Point see(Vec place) {
      Vec px = camera.project(place);
      double x = px.x() - WIDTH / 2.0;
      double y = px.y() - HEIGHT / 2.0;
      double r2 = (x * x + y * y) / (HEIGHT * HEIGHT / 4.0);
      double bent = 1 + k1 * r2;
      return new Point(WIDTH / 2.0 + x * bent, HEIGHT / 2.0 + y * bent);
    }
  }

  private double between(double least, double most) {
    return least + (most - least) * random.nextDouble();
  }

  /**
   * A camera held nearly square to the plane z = 0.
   *
   * @param tiltStd its tilt, one standard deviation about each axis, in radians
   */
  private Lens square(double tiltStd) {
    double distance = between(2.5, 7);
    double focal = HEIGHT * between(0.72, 1.3);
    double tilt = tiltStd * random.nextGaussian();
    double pan = tiltStd * random.nextGaussian();
    Vec eye = new Vec(between(-0.2, 0.2), between(0.8, 1.6), distance);
    Vec target = eye.plus(new Vec(Math.tan(pan) * distance, Math.tan(tilt) * distance, -distance));
    return new Lens(
        new Camera(eye, target, 0.02 * random.nextGaussian(), focal, WIDTH, HEIGHT),
        0.003 * random.nextGaussian());
  }

  /** A camera well to the side or above, so that the plane is seen at an angle. */
  private Lens aslant() {
    double distance = between(2.5, 6);
    double aside = between(0.25, 0.8) * (random.nextBoolean() ? 1 : -1);
    double above = between(-0.15, 0.45);
    Vec target = new Vec(0, 0.9, 0);
    Vec eye =
        target.plus(
            new Vec(
                distance * Math.sin(aside),
                distance * Math.sin(above),
                distance * Math.cos(aside) * Math.cos(above)));
    return new Lens(
        new Camera(
            eye, target, 0.05 * random.nextGaussian(), HEIGHT * between(0.8, 1.2), WIDTH, HEIGHT),
        0.002 * random.nextGaussian());
  }

  private Point marked(Lens lens, Vec place) {
    return lens.see(place)
        .plus(new Point(MARKING_PX * random.nextGaussian(), MARKING_PX * random.nextGaussian()));
  }

  private Mark mark(Lens lens, Vec from, Vec to) {
    return new Mark(marked(lens, from), marked(lens, to));
  }

  private Stated stated(double truth, double std) {
    return new Stated(truth + std * random.nextGaussian(), std);
  }

  private static Reference picture() {
    return Reference.of("p1", "Scene", new Picture("0".repeat(64), "scene", WIDTH, HEIGHT))
        .withMarkingPx(MARKING_PX);
  }

  /**
   * A prop in front of a ruler's plane by a stated distance, seen nearly square on; ruler and prop
   * stand apart.
   */
  public Outcome nearerThanItsRuler() {
    Lens lens = square(0.045);
    double inFront = between(0, 0.8);
    Vec butt = new Vec(between(-0.3, 0.6), between(0.2, 0.5), inFront);
    Vec tip = butt.plus(new Vec(between(-0.3, 0.3), between(0.6, 1.3), 0));
    double rulerLength = between(0.4, 1.7);
    Vec foot = new Vec(between(-0.6, 0.1), between(0, 0.2), 0);
    Vec top = foot.plus(new Vec(0, rulerLength, 0));
    double toProp = (lens.camera.eye().z() - inFront) * 1000;
    Reference reference =
        picture()
            .with(
                new Ruler(
                    "r1",
                    "Ruler",
                    new Ruler.KnownLength(
                        stated(rulerLength * 1000, 1 + rulerLength * 2),
                        Optional.empty(),
                        mark(lens, foot, top)),
                    stated(inFront * 1000, 15),
                    true))
            .withDistance(Optional.of(stated(toProp, 0.05 * toProp)))
            .withWhole(Optional.of(mark(lens, butt, tip)));
    return outcome(reference, tip.minus(butt).length() * 1000);
  }

  /** A prop beside a rectangle of known size, in its plane, seen at an angle. */
  public Outcome besideARectangle() {
    Lens lens = aslant();
    double width = between(0.6, 1.0);
    double height = between(1.2, 2.0);
    double left = between(-0.7, -0.3);
    List<Vec> corners =
        List.of(
            new Vec(left, height, 0),
            new Vec(left + width, height, 0),
            new Vec(left + width, 0, 0),
            new Vec(left, 0, 0));
    Vec butt = new Vec(between(-0.4, 0.5), between(0.05, 0.4), 0);
    Vec tip = butt.plus(new Vec(between(-0.3, 0.3), between(0.7, 1.5), 0));
    Reference reference =
        picture()
            .with(
                Ruler.of(
                    "r1",
                    "Door",
                    new Ruler.SeenRectangle(
                        stated(width * 1000, 1.5),
                        stated(height * 1000, 2.5),
                        corners.stream().map(it -> marked(lens, it)).toList())))
            .withWhole(Optional.of(mark(lens, butt, tip)));
    return outcome(reference, tip.minus(butt).length() * 1000);
  }

  /**
   * A prop held by a figure, with a crate beside: two rulers of different kinds, seen square on.
   */
  public Outcome withTwoRulers() {
    Lens lens = square(0.045);
    double stature = between(1.5, 1.95);
    Vec butt = new Vec(between(0.3, 0.6), between(0, 0.3), between(-0.03, 0.03));
    Vec tip = butt.plus(new Vec(between(-0.1, 0.1), between(0.8, 1.7), 0));
    double crate = between(0.3, 0.8);
    Reference reference =
        picture()
            .with(
                new Ruler(
                    "r1",
                    "Figure",
                    new Ruler.FigureHeight(
                        List.of(
                            marked(
                                lens, new Vec(0, stature * (1 + 0.003 * random.nextGaussian()), 0)),
                            marked(lens, new Vec(0, 0, 0)))),
                    new Stated(0, 30),
                    true))
            .with(
                new Ruler(
                    "r2",
                    "Crate",
                    new Ruler.KnownLength(
                        stated(crate * 1000, 3),
                        Optional.empty(),
                        mark(lens, new Vec(-0.6, 0, 0), new Vec(-0.6, crate, 0))),
                    new Stated(0, 30),
                    true))
            .withDistance(Optional.of(stated(lens.camera.eye().z() * 1000, 200)))
            .withWhole(Optional.of(mark(lens, butt, tip)));
    double said = stature * 1000 + 5 * random.nextGaussian();
    Figure length =
        Scale.of(reference, new Wearer("Scene", said).height())
            .length("whole", "Prop", reference.whole().orElseThrow().points());
    return new Outcome(tip.minus(butt).length() * 1000, length);
  }

  /** Where the prop is, in a picture of a figure taken as people take them. */
  public enum Where {
    BESIDE("upright, as tall as the figure"),
    LEANING("leaning up to 10° to the side"),
    FOOT("small, at the figure's feet"),
    OVERHEAD("held overhead");

    private final String words;

    Where(String words) {
      this.words = words;
    }

    /** For a table. */
    public String words() {
      return words;
    }
  }

  /** What is said of how it was taken. */
  public enum Said {
    NOTHING("nothing"),
    PHOTO("that it is a photograph"),
    HEIGHT("how high the lens was"),
    FOCAL("the focal length and that"),
    HORIZON("the horizon marked"),
    UPRIGHTS("two upright edges marked");

    private final String words;

    Said(String words) {
      this.words = words;
    }

    /** For a table. */
    public String words() {
      return words;
    }
  }

  /**
   * A figure with a prop by a camera 0.9 to 1.6 m high and 2 to 5 m away that is aimed at the
   * figure's middle: all that is marked is on the picture.
   */
  public Outcome asPeopleTakeThem(Where where, Said said) {
    while (true) {
      double stature = between(1.5, 1.95);
      Vec butt = butt(where, stature);
      Vec tip = butt.plus(way(where));
      Lens lens = atTheMiddle(stature);
      List<Vec> shown =
          new ArrayList<>(List.of(butt, tip, new Vec(0, 0, 0), new Vec(0, stature, 0)));
      shown.addAll(EDGES);
      if (shown.stream().map(lens::see).allMatch(CameraScenes::onPicture)) {
        return outcome(lens, stature, butt, tip, said);
      }
    }
  }

  private static final List<Vec> EDGES =
      List.of(
          new Vec(-0.75, 0.2, -0.4),
          new Vec(-0.75, 1.9, -0.4),
          new Vec(0.75, 0.2, -0.4),
          new Vec(0.75, 1.9, -0.4));

  private static boolean onPicture(Point px) {
    return px.x() > 0 && px.y() > 0 && px.x() < WIDTH && px.y() < HEIGHT;
  }

  private Lens atTheMiddle(double stature) {
    double distance = between(2, 5);
    Vec eye = new Vec(between(-0.15, 0.15), between(0.9, 1.6), distance);
    Vec target = new Vec(between(-0.1, 0.1), stature / 2 + between(-0.05, 0.05), 0);
    return new Lens(
        new Camera(
            eye, target, 0.015 * random.nextGaussian(), HEIGHT * between(0.72, 1.3), WIDTH, HEIGHT),
        0.003 * random.nextGaussian());
  }

  private Vec butt(Where where, double stature) {
    double x = between(0.25, 0.55) * (random.nextBoolean() ? 1 : -1);
    double z = between(-0.03, 0.03);
    return switch (where) {
      case BESIDE, LEANING, FOOT -> new Vec(x, between(0, 0.1), z);
      case OVERHEAD -> new Vec(x / 2, stature + between(0, 0.2), z);
    };
  }

  /** From its butt to its tip; nothing is held quite square to the lens. */
  private Vec way(Where where) {
    double lean =
        switch (where) {
          case BESIDE -> Math.toRadians(between(-2, 2));
          case LEANING -> Math.toRadians(between(-10, 10));
          case FOOT, OVERHEAD -> Math.toRadians(between(-90, 90));
        };
    double length =
        switch (where) {
          case BESIDE, LEANING -> between(1.3, 1.9);
          case FOOT, OVERHEAD -> between(0.4, 0.8);
        };
    double away = 0.05 * random.nextGaussian();
    return new Vec(
        length * Math.sin(lean) * Math.cos(away),
        length * Math.cos(lean) * Math.cos(away),
        length * Math.sin(away));
  }

  private Outcome outcome(Lens lens, double stature, Vec butt, Vec tip, Said said) {
    double high = lens.camera.eye().y() * 1000;
    // The focal length as on film, by the diagonal.
    double focal = lens.camera.focalPx() / Math.hypot(WIDTH, HEIGHT) * 43.267;
    stoutblade.reference.Camera unsaid = stoutblade.reference.Camera.UNKNOWN;
    stoutblade.reference.Camera photo = unsaid.with(stoutblade.reference.Camera.Kind.PHOTO);
    double far = -4000;
    double eye = lens.camera.eye().y();
    stoutblade.reference.Camera camera =
        switch (said) {
          case NOTHING -> unsaid;
          case PHOTO -> photo;
          case HEIGHT -> photo.withHeight(Optional.of(stated(high, 50)));
          case FOCAL ->
              photo
                  .withHeight(Optional.of(stated(high, 50)))
                  .withFocal(Optional.of(stated(focal, focal * 0.02)));
          case HORIZON ->
              photo.withHorizon(
                  Optional.of(mark(lens, new Vec(-900, eye, far), new Vec(900, eye, far))));
          case UPRIGHTS ->
              photo.withUprights(
                  List.of(
                      mark(lens, EDGES.get(0), EDGES.get(1)),
                      mark(lens, EDGES.get(2), EDGES.get(3))));
        };
    Reference reference =
        picture()
            .with(camera)
            .with(
                new Ruler(
                    "r1",
                    "Figure",
                    new Ruler.FigureHeight(
                        List.of(
                            marked(
                                lens, new Vec(0, stature * (1 + 0.003 * random.nextGaussian()), 0)),
                            marked(lens, new Vec(0, 0, 0)))),
                    new Stated(0, 30),
                    true))
            .withWhole(Optional.of(mark(lens, butt, tip)));
    double height = stature * 1000 + 5 * random.nextGaussian();
    Figure length =
        Scale.of(reference, new Wearer("Scene", height).height())
            .length("whole", "Prop", reference.whole().orElseThrow().points());
    return new Outcome(tip.minus(butt).length() * 1000, length);
  }

  private static Outcome outcome(Reference reference, double truth) {
    Scale scale = Scale.of(reference, new Wearer("Scene", 1700).height());
    return new Outcome(
        truth, scale.length("whole", "Prop", reference.whole().orElseThrow().points()));
  }
}
