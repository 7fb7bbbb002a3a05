package stoutblade.derive;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import stoutblade.finding.Finding;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Units;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.project.Prop;
import stoutblade.reckoning.PropReckoning;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.stock.Shopping;

/**
 * What a change of size does to what is not enlarged with the prop: foam and rods are bought, paper
 * and sheets have sizes of their own.
 *
 * @param factor what the whole prop was enlarged by
 * @param changes what else is different now, each in a sentence
 */
public record Refit(double factor, List<String> changes) {

  private static final double SAME = 1e-9;
  private static final double NOTICED = 0.005;

  /** Copies the changes. */
  public Refit {
    changes = List.copyOf(changes);
  }

  /** What an edit did, where it enlarged the whole prop. */
  public static Optional<Refit> between(Derived before, Derived after, Units units) {
    for (PropReckoning prop : after.props()) {
      Optional<Double> factor = factor(before, prop);
      if (factor.isPresent()) {
        List<String> changes = new ArrayList<>(held(prop.prop()));
        changes.addAll(changes(before, after, units));
        return Optional.of(new Refit(factor.get(), changes));
      }
    }
    return Optional.empty();
  }

  private static Optional<Double> factor(Derived before, PropReckoning after) {
    return before
        .project()
        .prop(after.id())
        .flatMap(it -> factor(it.parts(), after.prop().parts()));
  }

  /** The factor between parts of the same shapes; empty where they are not, or it is 1. */
  private static Optional<Double> factor(List<Part> before, List<Part> after) {
    if (before.size() != after.size()) {
      return Optional.empty();
    }
    Optional<Double> factor = Optional.empty();
    for (int i = 0; i < before.size(); i++) {
      if (after.get(i).held()) {
        continue;
      }
      Optional<Cut> was = before.get(i).cut();
      Optional<Cut> is = after.get(i).cut();
      if (was.isPresent() && is.isPresent()) {
        Optional<Double> own = factor(was.get().outline(), is.get().outline());
        if (own.isEmpty() || (factor.isPresent() && Math.abs(factor.get() - own.get()) > SAME)) {
          return Optional.empty();
        }
        factor = own;
      }
    }
    return factor;
  }

  private static Optional<Double> factor(Outline before, Outline after) {
    if (!before.drawn() || before.nodes().size() != after.nodes().size()) {
      return Optional.empty();
    }
    double factor = reach(after) / reach(before);
    if (Math.abs(factor - 1) < SAME) {
      return Optional.empty();
    }
    for (int i = 0; i < before.nodes().size(); i++) {
      Node was = before.nodes().get(i);
      Node is = after.nodes().get(i);
      if (was.at().times(factor).distance(is.at()) > SAME * reach(after)) {
        return Optional.empty();
      }
    }
    return Optional.of(factor);
  }

  private static double reach(Outline outline) {
    return outline.nodes().stream().mapToDouble(it -> it.at().length()).max().orElse(1);
  }

  /** What keeps its size, in a sentence. */
  private static List<String> held(Prop prop) {
    List<String> names = prop.parts().stream().filter(Part::held).map(Part::name).toList();
    return names.isEmpty()
        ? List.of()
        : List.of(
            String.join(", ", names)
                + (names.size() == 1 ? " keeps its size" : " keep their size"));
  }

  private static List<String> changes(Derived before, Derived after, Units units) {
    List<String> changes = new ArrayList<>();
    after.parts().stream()
        .flatMap(it -> it.layers().stream())
        .findFirst()
        .ifPresent(it -> changes.add("the foam stays " + it.layer().show(units)));
    after.parts().stream()
        .flatMap(it -> it.core().stream())
        .findFirst()
        .ifPresent(it -> changes.add("the core stays " + it.rod().name()));
    counted(changes, pages(before), pages(after), "page", "pages");
    counted(changes, bought(before, "parts"), bought(after, "parts"), "sheet", "sheets");
    counted(changes, bought(before, "rod"), bought(after, "rod"), "rod", "rods");
    Set<String> known =
        before.findings().stream().map(it -> it.propId() + it.id()).collect(Collectors.toSet());
    after.findings().stream()
        .filter(
            it -> it.severity() != Finding.Severity.NEXT && !known.contains(it.propId() + it.id()))
        .forEach(it -> changes.add("new at " + it.station().title() + ": " + it.title()));
    return changes;
  }

  private static Optional<Integer> pages(Derived derived) {
    return derived.pages() == 0
        ? Optional.empty()
        : Optional.of((int) Math.min(derived.pages(), Integer.MAX_VALUE));
  }

  private static Optional<Integer> bought(Derived derived, String what) {
    return derived
        .shopping()
        .map(
            it ->
                (int)
                    it.lines().stream()
                        .map(Shopping.Line::buy)
                        .filter(line -> line.id().startsWith("stock." + what + "."))
                        .mapToDouble(Figure::value)
                        .sum());
  }

  private static void counted(
      List<String> changes, Optional<Integer> was, Optional<Integer> is, String one, String many) {
    if (was.isPresent() && is.isPresent() && !was.equals(is)) {
      changes.add(is.get() + " " + (is.get() == 1 ? one : many) + " instead of " + was.get());
    }
  }

  /** True where a person would notice: the last touch to a mark is not worth a word. */
  public boolean worthSaying() {
    return Math.abs(factor - 1) >= NOTICED;
  }

  /** What happened, for a person to read. */
  public String words() {
    String enlarged =
        "The whole prop is now " + Display.decimal(factor, 3) + " times as large as it was";
    return enlarged + (changes.isEmpty() ? "." : ": " + String.join("; ", changes) + ".");
  }
}
