package stoutblade.reference;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.measure.Stated;

/**
 * How a picture was taken, as far as anybody says.
 *
 * @param kind drawn flat, a photograph, or not said
 * @param height how high over the figure's feet the lens was, in mm
 * @param focal its focal length as on 35 mm film, in mm: by the diagonal of 43.27 mm
 * @param horizon a line on the picture at the height of the lens: the horizon, or the line on which
 *     level edges that run away from the lens meet
 * @param uprights edges on the picture that are upright in the world
 */
public record Camera(
    Kind kind,
    Optional<Stated> height,
    Optional<Stated> focal,
    Optional<Mark> horizon,
    List<Mark> uprights) {

  /** Whether a lens was between the prop and the picture. */
  public enum Kind {
    /** Nobody said. */
    UNKNOWN,
    /** Taken through a lens. */
    PHOTO,
    /** Drawn without perspective, or scanned. */
    FLAT
  }

  /** Nobody said anything. */
  public static final Camera UNKNOWN =
      new Camera(Kind.UNKNOWN, Optional.empty(), Optional.empty(), Optional.empty(), List.of());

  /** Drawn without perspective, or scanned. */
  public static final Camera FLAT = UNKNOWN.with(Kind.FLAT);

  private static final int MOST_UPRIGHTS = 12;

  /**
   * Checks the ranges.
   *
   * @throws IllegalArgumentException if one is out of range; the message can be shown
   */
  public Camera {
    uprights = List.copyOf(uprights);
    height.ifPresent(
        it -> {
          if (!(it.value() >= -10_000 && it.value() <= 100_000)) {
            throw new IllegalArgumentException(
                "The lens is at most 100 m over the figure's feet; found " + it.value() + " mm");
          }
        });
    focal.ifPresent(
        it -> {
          if (!(it.value() >= 5 && it.value() <= 3000)) {
            throw new IllegalArgumentException(
                "A focal length, as on 35 mm film, is 5 to 3000 mm; found " + it.value());
          }
        });
    if (uprights.size() > MOST_UPRIGHTS) {
      throw new IllegalArgumentException(
          "A picture takes up to " + MOST_UPRIGHTS + " upright edges; found " + uprights.size());
    }
    List<Mark> marks = new ArrayList<>(uprights);
    horizon.ifPresent(marks::add);
    if (marks.stream().anyMatch(it -> it.lengthPx() < Mark.LEAST_PX)) {
      throw new IllegalArgumentException("The two places of a mark lie at least 2 pixels apart");
    }
  }

  /** Another kind; of a flat picture nothing else is known. */
  public Camera with(Kind changed) {
    return changed == Kind.FLAT
        ? new Camera(changed, Optional.empty(), Optional.empty(), Optional.empty(), List.of())
        : new Camera(changed, height, focal, horizon, uprights);
  }

  /** The lens so high over the feet: it was a photograph. */
  public Camera withHeight(Optional<Stated> mm) {
    return new Camera(Kind.PHOTO, mm, focal, horizon, uprights);
  }

  /** Its focal length: it was a photograph. */
  public Camera withFocal(Optional<Stated> mm) {
    return new Camera(Kind.PHOTO, height, mm, horizon, uprights);
  }

  /** Its horizon: it was a photograph. */
  public Camera withHorizon(Optional<Mark> mark) {
    return new Camera(Kind.PHOTO, height, focal, mark, uprights);
  }

  /** Edges that are upright: it was a photograph. */
  public Camera withUprights(List<Mark> marks) {
    return new Camera(Kind.PHOTO, height, focal, horizon, marks);
  }
}
