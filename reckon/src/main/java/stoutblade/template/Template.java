package stoutblade.template;

import java.util.List;
import stoutblade.shape.Box;
import stoutblade.shape.PathMark;

/**
 * A template at full size.
 *
 * @param id short name without spaces, for file names
 * @param title what is cut by it
 * @param copies the pieces that are cut by it
 * @param strokes its lines
 * @param labels its words
 */
public record Template(
    String id, String title, List<Copy> copies, List<Stroke> strokes, List<Label> labels) {

  /**
   * A piece that is cut by a template.
   *
   * @param name what the piece is
   * @param mirrored true where the template is turned over first
   */
  public record Copy(String name, boolean mirrored) {

    /** The name with its hand, for a person to read. */
    public String words() {
      return name + (mirrored ? ": turn the paper over" : ": printed side up");
    }
  }

  /** Copies the lists. */
  public Template {
    copies = List.copyOf(copies);
    strokes = List.copyOf(strokes);
    labels = List.copyOf(labels);
  }

  /** The box around all lines and words, in mm. */
  public Box box() {
    Box box = Box.around(strokes.stream().flatMap(it -> it.path().extremes().stream()).toList());
    for (Label label : labels) {
      box = box.with(label.box());
    }
    return box;
  }

  /**
   * A mark that is the same as long as its lines run within a tenth of a millimetre where they did
   * and it cuts as many pieces: what was printed before that still holds.
   *
   * @return eight hexadecimal digits
   */
  public String mark() {
    PathMark mark = new PathMark().with(copies.size()).with((int) mirroredCopies());
    for (Stroke stroke : strokes) {
      mark.with(stroke.kind().name()).with(stroke.path());
    }
    return mark.digits();
  }

  /** How many pieces are cut mirrored. */
  public long mirroredCopies() {
    return copies.stream().filter(Copy::mirrored).count();
  }

  /** The kinds of line on it, in the order of their drawing. */
  public List<Stroke.Kind> kinds() {
    return strokes.stream().map(Stroke::kind).distinct().toList();
  }
}
