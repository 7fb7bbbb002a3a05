package stoutblade.sum;

import java.util.List;
import java.util.Optional;
import stoutblade.develop.Form;
import stoutblade.measure.Figure;

/**
 * What a sum comes to.
 *
 * @param figures the results, the most wanted first
 * @param words what to mind, in whole sentences
 * @param drawing what it looks like
 * @param form the shape that it lays out flat, where it is one
 */
public record Answer(
    List<Figure> figures, List<String> words, Drawing drawing, Optional<Form> form) {

  /** Copies the lists. */
  public Answer {
    figures = List.copyOf(figures);
    words = List.copyOf(words);
  }

  static Answer of(List<Figure> figures, Drawing.Maker drawing, String... words) {
    return new Answer(figures, List.of(words), drawing.done(), Optional.empty());
  }
}
