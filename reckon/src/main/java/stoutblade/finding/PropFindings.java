package stoutblade.finding;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
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
import stoutblade.reckoning.Memo;
import stoutblade.reckoning.Papers;
import stoutblade.reckoning.Parallel;
import stoutblade.reckoning.PartReckoning;
import stoutblade.reckoning.PropReckoning;
import stoutblade.reference.Sizing;
import stoutblade.stack.Wish;
import stoutblade.template.Paper;
import stoutblade.template.Template;
import stoutblade.template.Tiling;

/**
 * Looks through what was derived from one prop for what is wrong or risky, and for what comes next;
 * what is said of a part is remembered as long as nothing that it reads has changed.
 */
public final class PropFindings {

  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

  private final Catalogue catalogue;
  private final Memo<List<Finding>> remembered = new Memo<>();
  private final Map<String, Memo<OfPart>> parts = new HashMap<>();

  /** The findings of a prop with the materials that can be chosen. */
  public PropFindings(Catalogue catalogue) {
    this.catalogue = catalogue;
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
  public List<Finding> of(PropReckoning prop, Among among, Units units) {
    return remembered.of(
        () ->
            new Looking(prop, among, units, each(prop, among, units))
                .all().stream().map(it -> it.of(prop.id())).toList(),
        prop,
        among.cores(),
        among.leftovers(),
        among.paper(),
        among.printed(),
        units);
  }

  /**
   * What is wrong with one part.
   *
   * @param shape its shape
   * @param layers its layers
   * @param further what it is made of and its core
   */
  private record OfPart(List<Finding> shape, List<Finding> layers, List<Finding> further) {}

  private List<OfPart> each(PropReckoning prop, Among among, Units units) {
    parts.keySet().retainAll(prop.parts().stream().map(PartReckoning::id).toList());
    prop.parts().forEach(it -> parts.computeIfAbsent(it.id(), id -> new Memo<>()));
    return Parallel.map(
        prop.parts(),
        part -> {
          Optional<PartReckoning> carrier = prop.part(part.part().placing().on());
          return parts
              .get(part.id())
              .of(
                  () -> of(part, carrier, prop.sizing(), among, units),
                  part,
                  carrier.map(List::of).orElse(List.of()),
                  prop.sizing(),
                  among.cores(),
                  among.leftovers(),
                  units);
        });
  }

  private OfPart of(
      PartReckoning part,
      Optional<PartReckoning> carrier,
      Sizing sizing,
      Among among,
      Units units) {
    List<Finding> further = new ArrayList<>(PipedFindings.of(part.part(), catalogue, units));
    further.addAll(new SheetFindings(part, catalogue, among.leftovers(), units).all());
    further.addAll(new MaterialFindings(part, catalogue, units).all());
    further.addAll(new CoreFindings(part, catalogue, among.cores(), units).all());
    further.addAll(SplitFindings.patterns(part, units));
    return new OfPart(
        new PartFindings(part, carrier, units).all(),
        new LayerFindings(part, sizing, catalogue, among.leftovers(), units).all(),
        further);
  }

  /** One look at a prop. */
  private final class Looking {

    private final PropReckoning prop;
    private final Among among;
    private final Units units;
    private final List<OfPart> each;

    Looking(PropReckoning prop, Among among, Units units, List<OfPart> each) {
      this.prop = prop;
      this.among = among;
      this.units = units;
      this.each = each;
    }

    List<Finding> all() {
      List<Finding> all = new ArrayList<>(new SizeFindings(prop, units).all());
      if (prop.parts().isEmpty()) {
        all.add(nothingDrawn());
      }
      each.forEach(it -> all.addAll(it.shape()));
      all.addAll(PlacedFindings.of(prop));
      each.forEach(it -> all.addAll(it.layers()));
      each.forEach(it -> all.addAll(it.further()));
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
}
