package stoutblade.reference;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import stoutblade.measure.Stated;

/**
 * A reference picture with what is marked on it.
 *
 * @param id unique among the project's pictures, such as {@code p1}
 * @param name what it shows: front, side, in the hand
 * @param picture the picture
 * @param dressing how it is laid on the mat
 * @param markingPx how well a place is marked: one standard deviation, in pixels
 * @param camera how it was taken, as far as anybody says
 * @param distance from the lens to the prop, square to the picture, in mm; empty where it is not
 *     known
 * @param rulers what tells the scale
 * @param whole the whole prop from butt to tip
 * @param centreLine the blade's centre line from its base to its tip
 * @param measures what else is measured
 */
public record Reference(
    String id,
    String name,
    Picture picture,
    Dressing dressing,
    double markingPx,
    Camera camera,
    Optional<Stated> distance,
    List<Ruler> rulers,
    Optional<Mark> whole,
    Optional<Mark> centreLine,
    List<Measure> measures) {

  /** How well a place is marked on a picture at first, in pixels. */
  public static final double USUAL_MARKING_PX = 2;

  private static final int MOST_MARKS = 60;

  /**
   * Checks what is marked.
   *
   * @throws IllegalArgumentException if a value is out of range, a mark is a single place, or two
   *     rulers or measures have one id
   */
  public Reference {
    if (!id.matches("p[1-9][0-9]{0,3}")) {
      throw new IllegalArgumentException("A picture's id is p and a number; found '" + id + "'");
    }
    if (name.isBlank() || name.length() > Ruler.LONGEST_NAME) {
      throw new IllegalArgumentException(
          "A picture has a name of 1 to " + Ruler.LONGEST_NAME + " letters; found '" + name + "'");
    }
    if (!(markingPx >= 0.1 && markingPx <= 100)) {
      throw new IllegalArgumentException(
          "Places are marked to between 0.1 and 100 pixels; found " + markingPx);
    }
    distance.ifPresent(
        it -> {
          if (!(it.value() >= 10 && it.value() <= 1_000_000)) {
            throw new IllegalArgumentException(
                "The lens is between 1 cm and 1 km from the prop; found " + it.value() + " mm");
          }
        });
    rulers = List.copyOf(rulers);
    measures = List.copyOf(measures);
    if (rulers.size() > MOST_MARKS || measures.size() > MOST_MARKS) {
      throw new IllegalArgumentException(
          "A picture takes at most " + MOST_MARKS + " rulers and as many measures");
    }
    checkIds(rulers.stream().map(Ruler::id).toList());
    checkIds(measures.stream().map(Measure::id).toList());
    for (Optional<Mark> mark : List.of(whole, centreLine)) {
      mark.ifPresent(Reference::checkLong);
    }
  }

  private static void checkLong(Mark mark) {
    if (mark.lengthPx() < Mark.LEAST_PX) {
      throw new IllegalArgumentException(
          "The two places of a mark lie at least 2 pixels apart; found " + mark);
    }
  }

  private static void checkIds(List<String> ids) {
    if (ids.stream().distinct().count() < ids.size()) {
      throw new IllegalArgumentException("Two marks of one picture have one id: " + ids);
    }
  }

  /** A picture with nothing marked yet. */
  public static Reference of(String id, String name, Picture picture) {
    return new Reference(
        id,
        name,
        picture,
        Dressing.PLAIN,
        USUAL_MARKING_PX,
        Camera.UNKNOWN,
        Optional.empty(),
        List.of(),
        Optional.empty(),
        Optional.empty(),
        List.of());
  }

  public Reference withName(String changed) {
    return new Reference(
        id,
        changed,
        picture,
        dressing,
        markingPx,
        camera,
        distance,
        rulers,
        whole,
        centreLine,
        measures);
  }

  public Reference withDressing(Dressing changed) {
    return new Reference(
        id,
        name,
        picture,
        changed,
        markingPx,
        camera,
        distance,
        rulers,
        whole,
        centreLine,
        measures);
  }

  public Reference withMarkingPx(double px) {
    return new Reference(
        id, name, picture, dressing, px, camera, distance, rulers, whole, centreLine, measures);
  }

  public Reference with(Camera changed) {
    return new Reference(
        id,
        name,
        picture,
        dressing,
        markingPx,
        changed,
        distance,
        rulers,
        whole,
        centreLine,
        measures);
  }

  public Reference withDistance(Optional<Stated> mm) {
    return new Reference(
        id, name, picture, dressing, markingPx, camera, mm, rulers, whole, centreLine, measures);
  }

  public Reference withRulers(List<Ruler> changed) {
    return new Reference(
        id,
        name,
        picture,
        dressing,
        markingPx,
        camera,
        distance,
        changed,
        whole,
        centreLine,
        measures);
  }

  public Reference withWhole(Optional<Mark> mark) {
    return new Reference(
        id,
        name,
        picture,
        dressing,
        markingPx,
        camera,
        distance,
        rulers,
        mark,
        centreLine,
        measures);
  }

  public Reference withCentreLine(Optional<Mark> mark) {
    return new Reference(
        id, name, picture, dressing, markingPx, camera, distance, rulers, whole, mark, measures);
  }

  public Reference withMeasures(List<Measure> changed) {
    return new Reference(
        id,
        name,
        picture,
        dressing,
        markingPx,
        camera,
        distance,
        rulers,
        whole,
        centreLine,
        changed);
  }

  /** The picture with a ruler, in the place of the one with its id where there is one. */
  public Reference with(Ruler ruler) {
    List<Ruler> changed = new ArrayList<>(rulers);
    int at = rulers.stream().map(Ruler::id).toList().indexOf(ruler.id());
    if (at >= 0) {
      changed.set(at, ruler);
    } else {
      changed.add(ruler);
    }
    return withRulers(changed);
  }

  /** The picture with a measure, in the place of the one with its id where there is one. */
  public Reference with(Measure measure) {
    List<Measure> changed = new ArrayList<>(measures);
    int at = measures.stream().map(Measure::id).toList().indexOf(measure.id());
    if (at >= 0) {
      changed.set(at, measure);
    } else {
      changed.add(measure);
    }
    return withMeasures(changed);
  }

  public Optional<Ruler> ruler(String wanted) {
    return rulers.stream().filter(it -> it.id().equals(wanted)).findFirst();
  }

  public Optional<Measure> measure(String wanted) {
    return measures.stream().filter(it -> it.id().equals(wanted)).findFirst();
  }

  /** An id for one more ruler. */
  public String nextRulerId() {
    return next("r", rulers.stream().map(Ruler::id).toList());
  }

  /** An id for one more measure. */
  public String nextMeasureId() {
    return next("m", measures.stream().map(Measure::id).toList());
  }

  /** The first id of a letter and a number that is not taken. */
  public static String next(String letter, Collection<String> taken) {
    int number = 1;
    while (taken.contains(letter + number)) {
      number++;
    }
    return letter + number;
  }

  /** The first trusted rectangle seen at an angle: by it the picture is flattened. */
  public Optional<Ruler> flattening() {
    return rulers.stream()
        .filter(it -> it.trusted() && it.by() instanceof Ruler.SeenRectangle)
        .findFirst();
  }
}
