package stoutblade.measure;

import java.util.IdentityHashMap;
import java.util.List;

/**
 * Makes ids that are unique within a project of ids that are unique within a part or a prop: what
 * is worked out of a part knows only its own names, such as {@code core.droop}, and leaves it as
 * {@code d3/core.droop}. What came into it from outside keeps the id that it came with.
 */
public final class Scope {

  private static final char MARK = '/';

  private final String name;
  private final IdentityHashMap<Figure, Figure> known = new IdentityHashMap<>();

  /** The scope of a part or a prop. */
  public Scope(String name) {
    this.name = name;
  }

  /** An id of its own as it is called outside. */
  public String id(String own) {
    return own.indexOf(MARK) >= 0 ? own : name + MARK + own;
  }

  /** A figure with its whole working under the ids that they have outside. */
  public Figure of(Figure figure) {
    Figure there = known.get(figure);
    if (there == null) {
      there = named(figure);
      known.put(figure, there);
    }
    return there;
  }

  /** The same of several. */
  public List<Figure> of(List<Figure> figures) {
    return figures.stream().map(this::of).toList();
  }

  private Figure named(Figure figure) {
    String formula = figure.formula();
    for (Figure input : figure.inputs()) {
      formula = formula.replace("{" + input.id() + "}", "{" + id(input.id()) + "}");
    }
    return figure.renamed(id(figure.id()), formula, of(figure.inputs()));
  }
}
