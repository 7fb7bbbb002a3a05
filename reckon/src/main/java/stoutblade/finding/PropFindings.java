package stoutblade.finding;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import stoutblade.catalogue.Catalogue;
import stoutblade.edit.Edits;
import stoutblade.event.CoreRule;
import stoutblade.finding.Finding.Severity;
import stoutblade.journal.Journal;
import stoutblade.measure.Units;
import stoutblade.project.Station;
import stoutblade.reckoning.Papers;
import stoutblade.reckoning.PartReckoning;
import stoutblade.reckoning.PropReckoning;
import stoutblade.stack.Wish;
import stoutblade.template.Paper;
import stoutblade.template.Template;
import stoutblade.template.Tiling;

/**
 * Looks through what was derived from one prop for what is wrong or risky, and for what comes next.
 */
public final class PropFindings {

  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

  private final PropReckoning prop;
  private final Catalogue catalogue;
  private final Among among;
  private final Units units;

  private PropFindings(PropReckoning prop, Catalogue catalogue, Among among, Units units) {
    this.prop = prop;
    this.catalogue = catalogue;
    this.among = among;
    this.units = units;
  }

  /**
   * What of the project a prop's findings look at.
   *
   * @param cores what the event says of cores
   * @param leftovers foam that is there already
   * @param paper what templates are printed on
   * @param printed what templates looked like when they were last printed
   */
  public record Among(
      CoreRule cores,
      List<Wish.Leftover> leftovers,
      Paper paper,
      Map<String, Journal.Printed> printed) {}

  /** What is wrong with a prop. */
  public static List<Finding> of(
      PropReckoning prop, Catalogue catalogue, Among among, Units units) {
    return new PropFindings(prop, catalogue, among, units)
        .all().stream().map(it -> it.of(prop.id())).toList();
  }

  private List<Finding> all() {
    List<Finding> all = new ArrayList<>(new SizeFindings(prop, units).all());
    if (prop.parts().isEmpty()) {
      all.add(nothingDrawn());
    }
    all.addAll(new PartFindings(prop, units).all());
    all.addAll(PlacedFindings.of(prop));
    all.addAll(new LayerFindings(prop, catalogue, among.leftovers(), units).all());
    for (PartReckoning part : prop.parts()) {
      all.addAll(PipedFindings.of(part.part(), catalogue, units));
      all.addAll(new SheetFindings(part, catalogue, among.leftovers(), units).all());
      all.addAll(new MaterialFindings(part, catalogue, units).all());
      all.addAll(new CoreFindings(part, catalogue, among.cores(), units).all());
    }
    all.addAll(CrossedFindings.of(prop, units));
    all.addAll(cut());
    all.addAll(CoatFindings.ofParts(prop.prop(), catalogue, units));
    return all;
  }

  private static Finding nothingDrawn() {
    return new Finding(
        "draft.next.trace",
        Station.DRAFT,
        new Place.OnStation(),
        Severity.NEXT,
        "Trace half the blade",
        "Click along one edge from the base to the tip; the other half follows. What is no blade"
            + " is added with New part.",
        List.of());
  }

  private List<Finding> cut() {
    List<Finding> own = new ArrayList<>();
    for (Papers papers : prop.papers()) {
      for (int i = 0; i < papers.templates().size(); i++) {
        Template template = papers.templates().get(i);
        if (papers.each().get(i) > Tiling.MOST_PAGES) {
          own.add(tooLarge(papers, template));
        }
        Journal.Printed before = among.printed().get(prop.path(template));
        if (before != null && !before.lines().equals(template.mark())) {
          own.add(outOfDate(template, before));
        }
      }
    }
    prop.parts().forEach(it -> longRod(it).ifPresent(own::add));
    return own;
  }

  private Finding tooLarge(Papers papers, Template template) {
    return atCut(
        papers.partId() + ".pages",
        Severity.WRONG,
        "Too many pages",
        "At this size the template '"
            + template.title()
            + "' takes "
            + Tiling.pages(template, among.paper())
            + " pages of "
            + among.paper().label()
            + "; at most "
            + Tiling.MOST_PAGES
            + " are made. Is the scale right?");
  }

  /** What lies on the bench is another than what would be cut now. */
  private Finding outOfDate(Template template, Journal.Printed before) {
    String id = prop.path(template);
    return new Finding(
        "cut." + template.id() + ".old",
        Station.CUT,
        new Place.OnStation(),
        Severity.WARNING,
        "Printed before it changed: " + template.title(),
        "The template that was printed on "
            + DAY.format(before.at())
            + " is no longer right. Throw the old paper away and export or print it again.",
        List.of(Edits.forgetPrinted(id)));
  }

  /** A core that is longer than its rod is sold. */
  private Optional<Finding> longRod(PartReckoning part) {
    return part.core()
        .filter(it -> it.longestPiece().value() > it.rod().lengthMm())
        .map(
            it ->
                atCut(
                    part.id() + ".rod",
                    Severity.WARNING,
                    "The core is longer than it is sold",
                    it.rod().name()
                        + ": "
                        + it.longestPiece().show(units)
                        + " are needed in one piece."));
  }

  private static Finding atCut(String id, Severity severity, String title, String why) {
    return new Finding(
        "cut." + id, Station.CUT, new Place.OnStation(), severity, title, why, List.of());
  }
}
