package stoutblade.feature;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.measure.Figure;

/**
 * The sizes of what is cut along an outline.
 *
 * @param length along
 * @param width the greatest, across
 * @param widestAt where along it is widest, from its near end
 * @param area of one face
 * @param edge once round; of half an outline without its base
 * @param inside round all windows and holes, where there are some
 */
public record Measures(
    Figure length,
    Figure width,
    Figure widestAt,
    Figure area,
    Figure edge,
    Optional<Figure> inside) {

  /** All that a person is shown, in order. */
  public List<Figure> figures() {
    List<Figure> all = new ArrayList<>(List.of(length, width, widestAt, area, edge));
    inside.ifPresent(all::add);
    return all;
  }
}
