package stoutblade.feature;

import java.util.List;
import stoutblade.shape.Path;

/** Letters as outlines. */
@FunctionalInterface
public interface Typeface {

  /** One without letters, for where none are wanted. */
  Typeface NONE = (words, heightMm) -> List.of();

  /**
   * The outlines of words on one line, outer ones and holes, about the middle of the line.
   *
   * @param words what is written
   * @param heightMm the height of its capitals, in mm
   */
  List<Path> outlines(String words, double heightMm);
}
