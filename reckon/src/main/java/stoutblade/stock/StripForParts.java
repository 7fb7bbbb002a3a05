package stoutblade.stock;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import stoutblade.develop.Strip;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;

/** The profile strip that parts are cut from: a line for each profile, by the length. */
final class StripForParts {

  /** Profiles are sold in lengths of about a metre. */
  private static final double SOLD_MM = 1000;

  private StripForParts() {}

  static List<Shopping.Line> lines(List<Shopping.Profiled> parts) {
    Map<String, List<Shopping.Profiled>> kinds = new LinkedHashMap<>();
    for (Shopping.Profiled part : parts) {
      Strip strip = part.strip();
      String kind =
          "%s-%s-%s"
              .formatted(
                  part.foam().id(),
                  strip.kind().toLowerCase(java.util.Locale.ROOT),
                  Display.decimal(strip.widthMm(), 1));
      kinds.computeIfAbsent(kind, it -> new ArrayList<>()).add(part);
    }
    List<Shopping.Line> lines = new ArrayList<>();
    kinds.forEach((kind, all) -> lines.add(line("stock.strip." + kind, all)));
    return lines;
  }

  private static Shopping.Line line(String id, List<Shopping.Profiled> parts) {
    Strip strip = parts.getFirst().strip();
    String names =
        parts.stream().map(Shopping.Profiled::name).distinct().collect(Collectors.joining(", "));
    Figure need =
        Figure.found(
            id + ".length",
            "Profile for " + names,
            parts.stream().mapToDouble(it -> it.made() * it.strip().boughtMm()).sum(),
            Quantity.LENGTH,
            "all pieces on their longest side, with their mitres",
            Source.GEOMETRY,
            Uncertainty.NONE);
    Figure sold =
        Figure.given(
            id + ".sold",
            "Sold in lengths of",
            SOLD_MM,
            Quantity.LENGTH,
            Source.assumption("foam profiles are sold by the metre; shops differ"));
    List<LengthPlan.Cut> each = new ArrayList<>();
    for (Shopping.Profiled part : parts) {
      for (int i = 0; i < part.made(); i++) {
        part.strip().piecesMm().forEach(mm -> each.add(new LengthPlan.Cut(part.name(), mm)));
      }
    }
    LengthPlan plan = LengthPlan.of(each, SOLD_MM, RodForParts.KERF_MM);
    Figure buy =
        Figure.found(
            id + ".lengths",
            "Lengths of profile",
            (double) plan.toBuy(),
            Quantity.COUNT,
            "{%s} in pieces, sawn from {%s}, 2 mm for each cut, %s; what is longer is joined"
                .formatted(
                    need.id(),
                    sold.id(),
                    plan.proven() ? "from as few as can be" : "the longest first"),
            Source.GEOMETRY,
            Uncertainty.NONE,
            need,
            sold);
    return new Shopping.Line(
        "%s profile, %s mm, for %s"
            .formatted(strip.kind(), Display.decimal(strip.widthMm(), 1), names),
        need,
        buy,
        Optional.of(plan));
  }
}
