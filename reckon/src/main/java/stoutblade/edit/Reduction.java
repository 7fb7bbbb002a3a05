package stoutblade.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.part.Assembly;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.project.Prop;
import stoutblade.shape.Box;
import stoutblade.shape.Course;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * By what a drafted prop is made larger or smaller so that it is a given length: foam and what
 * keeps its size do not follow, so that the length is not in proportion to the factor.
 */
final class Reduction {

  private static final double LINE_MM = 0.1;
  private static final double MET_MM = 0.02;
  private static final int TRIES = 20;

  private Reduction() {}

  /**
   * The factor.
   *
   * @param mm the length of the whole prop, in mm
   * @throws IllegalArgumentException if nothing is drawn, or no factor makes it that long
   */
  static double factor(Prop prop, double mm) {
    double now =
        length(prop)
            .orElseThrow(
                () ->
                    new IllegalArgumentException(
                        "The prop's length is not known yet: draft a part, or mark the whole prop"
                            + " on a picture"));
    double last = 1;
    double lastLength = now;
    double factor = mm / now;
    for (int i = 0; i < TRIES && factor > 0; i++) {
      double length = length(Resizing.times(prop, factor)).orElseThrow();
      if (Math.abs(length - mm) < MET_MM) {
        return factor;
      }
      double slope = (length - lastLength) / (factor - last);
      last = factor;
      lastLength = length;
      factor += (mm - length) / slope;
    }
    throw new IllegalArgumentException(
        "It cannot be made "
            + Display.length(mm, Units.METRIC)
            + " long: what keeps its size leaves no room for the rest");
  }

  /** From the lowest to the highest place of all parts and cores, in mm. */
  private static OptionalDouble length(Prop prop) {
    Assembly assembly = Assembly.of(prop.parts());
    List<Point> places = new ArrayList<>();
    for (Part part : prop.parts()) {
      List<Point> own = outline(part, prop);
      assembly
          .spots()
          .get(part.id())
          .forEach(spot -> own.forEach(it -> places.add(spot.place(it))));
    }
    return places.isEmpty()
        ? OptionalDouble.empty()
        : OptionalDouble.of(Box.around(places).height());
  }

  private static List<Point> outline(Part part, Prop prop) {
    List<Point> own = new ArrayList<>();
    for (Path path : part.seen(prop.part(part.placing().on()))) {
      own.addAll(path.flattened(LINE_MM));
    }
    if (!own.isEmpty() && part.core().isPresent()) {
      Course course = Course.of(part.cut().flatMap(Cut::axis));
      double near = course.bends() ? 0 : Box.around(own).minY();
      own.addAll(
          course.line(0, near + part.core().get().startMm(), near + part.core().get().endMm()));
    }
    return own;
  }
}
