package stoutblade.reference;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;

/**
 * Several values of one thing brought together, each weighing as its uncertainty lets it.
 *
 * @param combined the weighted mean; where the values disagree beyond their doubts, its own
 *     uncertainty is widened by the Birge ratio
 * @param parts each value with its weight and how far it lies from the others
 * @param agree false where the values scatter more than their doubts explain, 19 times in 20
 */
public record Weighed(Figure combined, List<Part> parts, boolean agree) {

  private static final double NINETEEN_IN_TWENTY = 0.95;

  /**
   * A value whose uncertainty is nothing would take all the weight; this share of it is the least.
   */
  private static final double LEAST_DOUBT = 1e-5;

  private static final Source SOURCE =
      Source.handbook(
          "weighted mean by inverse variance and Birge ratio (Birge 1932; ISO/IEC Guide 98-3, from"
              + " memory)");

  /**
   * One value among others.
   *
   * @param figure the value
   * @param weight its share of the mean, 0 to 1
   * @param gap its distance from the mean of the others; empty where there are none
   * @param explained the greatest gap that the doubts explain, 19 times in 20
   * @param outlier true where it is the one that fits the others least, beyond what doubts explain
   */
  public record Part(
      Figure figure,
      double weight,
      Optional<Figure> gap,
      Optional<Double> explained,
      boolean outlier) {

    /** True where it lies further from the others than the doubts explain. */
    public boolean disagrees() {
      return gap.isPresent() && Math.abs(gap.get().value()) > explained.orElseThrow();
    }
  }

  /**
   * Brings values together.
   *
   * @param figures what weighs, at least one
   * @param aside what is only compared
   */
  public static Weighed of(
      String id, String label, Quantity quantity, List<Figure> figures, List<Figure> aside) {
    if (figures.isEmpty()) {
      throw new IllegalArgumentException("A mean takes at least one value");
    }
    double[] weights = weights(figures);
    Figure mean = mean(id, label, quantity, figures, weights);
    double surplus = surplus(figures, mean.value());
    boolean agree =
        figures.size() < 2
            || surplus
                <= new ChiSquaredDistribution(figures.size() - 1.0)
                    .inverseCumulativeProbability(NINETEEN_IN_TWENTY);
    List<Part> parts = parts(figures, aside, weights, quantity);
    Figure combined = agree ? mean : widened(mean, surplus / (figures.size() - 1));
    return new Weighed(combined, agree ? parts : outlierMarked(parts), agree);
  }

  private static double[] weights(List<Figure> figures) {
    double[] weights =
        figures.stream().mapToDouble(figure -> 1 / Math.pow(std(figure), 2)).toArray();
    double sum = IntStream.range(0, weights.length).mapToDouble(i -> weights[i]).sum();
    for (int i = 0; i < weights.length; i++) {
      weights[i] /= sum;
    }
    return weights;
  }

  private static double std(Figure figure) {
    return Math.max(
        figure.uncertainty().std(), Math.max(1e-300, LEAST_DOUBT * Math.abs(figure.value())));
  }

  /** The formula carries its weights as they are shown; the last is what is left of 1. */
  private static Figure mean(
      String id, String label, Quantity quantity, List<Figure> figures, double[] weights) {
    if (figures.size() == 1) {
      return Figure.computed(
          id, label, quantity, "{" + figures.getFirst().id() + "}", SOURCE, figures.getFirst());
    }
    StringBuilder formula = new StringBuilder();
    double left = 1;
    for (int i = 0; i < figures.size(); i++) {
      double share = i + 1 == figures.size() ? left : Math.round(weights[i] * 1e4) / 1e4;
      left -= share;
      formula.append(i == 0 ? "" : " + ");
      formula.append(String.format(java.util.Locale.ROOT, "%.4f", Math.max(0, share)));
      formula.append(" * {").append(figures.get(i).id()).append('}');
    }
    return Figure.computed(
        id, label, quantity, formula.toString(), SOURCE, figures.toArray(Figure[]::new));
  }

  /** The sum of squared distances from the mean, each in units of its own uncertainty. */
  private static double surplus(List<Figure> figures, double mean) {
    return figures.stream()
        .mapToDouble(figure -> Math.pow((figure.value() - mean) / std(figure), 2))
        .sum();
  }

  private static Figure widened(Figure mean, double birgeSquared) {
    double more = mean.uncertainty().std() * Math.sqrt(Math.max(0, birgeSquared - 1));
    return mean.also(Uncertainty.of(mean.id() + ".disagreement", more));
  }

  private static List<Part> parts(
      List<Figure> figures, List<Figure> aside, double[] weights, Quantity quantity) {
    List<Part> parts = new ArrayList<>();
    for (int i = 0; i < figures.size(); i++) {
      List<Figure> others = new ArrayList<>(figures);
      others.remove(i);
      parts.add(part(figures.get(i), weights[i], others, quantity));
    }
    for (Figure figure : aside) {
      parts.add(part(figure, 0, figures, quantity));
    }
    return List.copyOf(parts);
  }

  private static Part part(Figure figure, double weight, List<Figure> others, Quantity quantity) {
    if (others.isEmpty()) {
      return new Part(figure, weight, Optional.empty(), Optional.empty(), false);
    }
    String id = figure.id();
    Figure rest = mean(id + ".others", "The others", quantity, others, weights(others));
    Figure gap =
        Figure.computed(
            id + ".gap",
            figure.label() + ": off the others by",
            quantity,
            "{" + id + "} - {" + rest.id() + "}",
            Source.GEOMETRY,
            figure,
            rest);
    return new Part(
        figure, weight, Optional.of(gap), Optional.of(gap.uncertainty().range95()), false);
  }

  /** With three and more the one that fits least is the outlier; with two it cannot be told. */
  private static List<Part> outlierMarked(List<Part> parts) {
    if (parts.stream().filter(it -> it.weight > 0).count() < 3) {
      return parts;
    }
    int worst = -1;
    double most = 1;
    for (int i = 0; i < parts.size(); i++) {
      Part part = parts.get(i);
      if (part.weight > 0 && part.gap.isPresent()) {
        double ratio = Math.abs(part.gap.get().value()) / part.explained.orElseThrow();
        if (ratio > most) {
          most = ratio;
          worst = i;
        }
      }
    }
    List<Part> marked = new ArrayList<>(parts);
    if (worst >= 0) {
      Part it = parts.get(worst);
      marked.set(worst, new Part(it.figure, it.weight, it.gap, it.explained, true));
    }
    return List.copyOf(marked);
  }
}
