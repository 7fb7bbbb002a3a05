package stoutblade.finding;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import stoutblade.develop.Edge;
import stoutblade.develop.Panel;
import stoutblade.finding.Finding.Severity;
import stoutblade.flatten.Fault;
import stoutblade.flatten.LaidFlat;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.part.Part;
import stoutblade.project.Station;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/** What is wrong with faces that were laid flat, in words. */
public final class PatchFindings {

  /** Shares from here on are said in whole per cents. */
  private static final double WHOLE = 0.0995;

  private PatchFindings() {}

  /**
   * A fault as a finding; what mends it is a cut in the model, and no edit of the project.
   *
   * @param forgives how much a length of the foam may change, as a share
   */
  public static Finding of(LaidFlat laid, Fault fault, double forgives, Units units) {
    String piece = laid.pieces().size() == 1 ? "The piece" : "Piece " + (fault.piece() + 1);
    return switch (fault.kind()) {
      case TURNED ->
          finding(
              fault,
              piece + " folds over itself",
              "%.0f of its faces come out turned over: it cannot be cut like this."
                  .formatted(fault.amount()));
      case OVERLAPS ->
          finding(
              fault,
              piece + " lies over itself",
              "It cannot be cut from one sheet. A seam across makes two pieces of it.");
      case STRETCHED ->
          finding(
              fault,
              piece + " is stretched too much",
              "By " + percent(fault.amount() - 1) + " here; " + forgiven(forgives));
      case SQUEEZED ->
          finding(
              fault,
              piece + " is squeezed too much",
              "By " + percent(1 - fault.amount()) + " here; " + forgiven(forgives));
      case DIFFERS ->
          finding(
              fault,
              "The edges " + fault.seam() + " are not equally long",
              "One is "
                  + Display.length(fault.amount(), units)
                  + " longer than the other: it would pucker. A seam across "
                  + piece.toLowerCase(Locale.ENGLISH)
                  + " makes it give less.");
    };
  }

  /** What is wrong with pieces that are kept, wherever they came from: those that cannot be cut. */
  static List<Finding> of(Part part, Units units) {
    List<Panel> panels = part.developed().panels();
    List<Finding> found = new ArrayList<>();
    List<Path> seen = part.seen();
    Map<String, List<Edge>> seams = new TreeMap<>();
    for (int i = 0; i < panels.size(); i++) {
      Panel panel = panels.get(i);
      panel.edges().stream()
          .filter(it -> !it.seam().isEmpty())
          .forEach(it -> seams.computeIfAbsent(it.seam(), key -> new ArrayList<>()).add(it));
      Optional<Point> crossing = Region.crossing(seen.get(i), 0);
      if (crossing.isPresent()) {
        found.add(
            kept(
                part,
                "crossing-" + (i + 1),
                crossing.get(),
                Severity.WRONG,
                panel.name() + " lies over itself",
                "It cannot be cut from one sheet. Lay it flat again with a seam across it."));
      }
    }
    Point middle = Box.around(seen.getFirst().flattened(1)).centre();
    seams.forEach(
        (seam, edges) -> {
          DoubleSummaryStatistics lengths =
              edges.stream().mapToDouble(Edge::length).summaryStatistics();
          double off = lengths.getMax() - lengths.getMin();
          if (edges.size() > 1 && Fault.differs(off, lengths.getMin())) {
            found.add(
                kept(
                    part,
                    "seam-" + seam,
                    middle,
                    Severity.WARNING,
                    "The edges " + seam + " of " + part.name() + " are not equally long",
                    "One is "
                        + Display.length(off, units)
                        + " longer than the other: it would pucker. Lay the pieces flat again with"
                        + " a dart or a seam more where they give most."));
          }
        });
    return found;
  }

  private static Finding kept(
      Part part, String id, Point at, Severity severity, String title, String why) {
    return new Finding(
        "draft." + part.id() + "." + id,
        Station.DRAFT,
        new Place.OnPart(part.id(), at),
        severity,
        title,
        why,
        List.of());
  }

  private static String forgiven(double forgives) {
    return "the foam stretches up to "
        + percent(forgives)
        + ". A dart takes out what is too much; a seam across makes flatter pieces.";
  }

  private static String percent(double share) {
    return String.format(Locale.ENGLISH, share < WHOLE ? "%.1f %%" : "%.0f %%", 100 * share);
  }

  private static Finding finding(Fault fault, String title, String why) {
    return new Finding(
        "patch."
            + fault.kind().name().toLowerCase(Locale.ROOT)
            + "."
            + fault.piece()
            + fault.seam(),
        Station.DRAFT,
        new Place.OnStation(),
        fault.kind().barring() ? Severity.WRONG : Severity.WARNING,
        title,
        why,
        List.of());
  }
}
