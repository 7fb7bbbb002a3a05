package stoutblade.edit;

import java.util.List;
import java.util.Optional;
import stoutblade.project.Prop;
import stoutblade.project.Size;
import stoutblade.reference.ModelSize;
import stoutblade.reference.PictureSize;
import stoutblade.reference.Sizing;
import stoutblade.trace.Tracing;
import stoutblade.wearer.Wearer;

/**
 * One scale holds for the whole prop: where an edit changes the size of a pixel or the factor of
 * the sizing rule, what was drafted is enlarged by the same factor, with the core's places and the
 * handle, in the same edit.
 */
public final class Resizing {

  private Resizing() {}

  /** The prop after an edit of its size or wearer, with everything that was drafted enlarged. */
  static Prop resized(Prop before, Prop after, Wearer was, Wearer is) {
    Sizing old = before.size().sizing(was);
    Sizing now = after.size().sizing(is);
    double factor = factor(before.size(), old, now);
    List<Tracing> tracings =
        after.size().tracings().stream()
            .map(it -> times(it, factorOf(it.from(), old, now)))
            .toList();
    Prop traced =
        tracings.equals(after.size().tracings())
            ? after
            : after.withSize(after.size().withTracings(tracings));
    if (factor == 1) {
      return traced;
    }
    return times(traced, factor);
  }

  /** What was drafted made larger or smaller, with where and how it is held; foam stays. */
  static Prop times(Prop prop, double factor) {
    Prop larger =
        prop.withParts(prop.parts().stream().map(it -> it.resized(factor)).toList())
            .withSize(prop.size().withCarry(prop.size().carry().times(factor)));
    // A leader that keeps its size keeps that of its followers.
    return Followers.settled(prop, larger);
  }

  private static Tracing times(Tracing tracing, double factor) {
    return factor == 1 ? tracing : tracing.times(factor);
  }

  /** What the drafted blade is enlarged by: with the picture that it is traced on. */
  private static double factor(Size before, Sizing old, Sizing now) {
    return before
        .traced()
        .map(it -> factorOf(it.id(), old, now))
        .orElse(now.factor().value() / old.factor().value());
  }

  /** What is enlarged with a picture or model, where it had a scale and has one now. */
  private static double factorOf(String id, Sizing old, Sizing now) {
    Optional<Double> was = perUnit(id, old);
    Optional<Double> is = perUnit(id, now);
    if (was.isPresent() && is.isPresent()) {
      return is.get() / was.get();
    }
    return now.factor().value() / old.factor().value();
  }

  private static Optional<Double> perUnit(String id, Sizing sizing) {
    Optional<Double> picture =
        Optional.ofNullable(sizing.pictures().get(id)).flatMap(PictureSize::perPixel);
    return picture.or(
        () -> Optional.ofNullable(sizing.models().get(id)).flatMap(ModelSize::perUnit));
  }
}
