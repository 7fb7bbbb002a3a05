package stoutblade.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Coating;
import stoutblade.catalogue.Coating.Role;
import stoutblade.edit.Change;
import stoutblade.edit.Edit;
import stoutblade.edit.Edits;
import stoutblade.finding.Finding.Severity;
import stoutblade.finish.CoatOrder;
import stoutblade.finish.CoatStock;
import stoutblade.finish.Coats;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.part.Part;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Station;

/** What is wrong or risky about the coats: their order, and how far they reach. */
public final class CoatFindings {

  private final Catalogue catalogue;
  private final Units units;
  private final List<Finding> found = new ArrayList<>();

  private CoatFindings(Catalogue catalogue, Units units) {
    this.catalogue = catalogue;
    this.units = units;
  }

  /** What is wrong with the coats of the parts of a prop. */
  static List<Finding> ofParts(Prop prop, Catalogue catalogue, Units units) {
    CoatFindings findings = new CoatFindings(catalogue, units);
    for (Part part : prop.parts()) {
      findings.unfoundCoatings(part);
      findings.order(part);
    }
    return findings.found;
  }

  /** What runs out, of all that is planned on all props. */
  public static List<Finding> ofStock(List<CoatStock> stock, Catalogue catalogue, Units units) {
    CoatFindings findings = new CoatFindings(catalogue, units);
    stock.forEach(findings::coats);
    return findings.found;
  }

  // == ORDER

  private void order(Part part) {
    List<Coating> planned =
        part.coats().stream().flatMap(it -> catalogue.coating(it.coatingId()).stream()).toList();
    for (CoatOrder.Fault fault : CoatOrder.faults(planned)) {
      add(
          "finish.%s.%s.%s".formatted(part.id(), fault.kind().key(), fault.coating().id()),
          new Place.OnCoating(part.id(), fault.coating().id()),
          Severity.WARNING,
          fault.kind().title(),
          fault.coating().name() + ": " + fault.kind().why(),
          mends(part, fault));
    }
  }

  private List<Change> mends(Part part, CoatOrder.Fault fault) {
    String id = fault.coating().id();
    List<Change> mends = new ArrayList<>();
    switch (fault.kind()) {
      case SEAL_LATE -> mends.add(moved(part, id, 0, "Seal first"));
      case PRIMER_LATE ->
          mends.add(
              moved(
                  part,
                  id,
                  firstOf(part, Role.PAINT, Role.WASH, Role.CLEAR),
                  "Prime before the colour"));
      case UNSEALED -> {
        with(part, Role.SEAL, 0).ifPresent(mends::add);
        with(part, Role.PRIMER, 0).ifPresent(mends::add);
      }
      case WASH_BARE -> with(part, Role.CLEAR, part.coats().size()).ifPresent(mends::add);
    }
    mends.add(Edits.coats(part.id(), id, 0).named("Leave it out"));
    return mends;
  }

  /** Where the first of some roles stands; at the end where there is none. */
  private int firstOf(Part part, Role... roles) {
    List<Role> wanted = List.of(roles);
    for (int i = 0; i < part.coats().size(); i++) {
      String id = part.coats().get(i).coatingId();
      if (catalogue.coating(id).filter(it -> wanted.contains(it.role())).isPresent()) {
        return i;
      }
    }
    return part.coats().size();
  }

  private Change moved(Part part, String id, int to, String name) {
    List<Coats> changed = new ArrayList<>(part.coats());
    Coats moving =
        changed.stream().filter(it -> it.coatingId().equals(id)).findFirst().orElseThrow();
    changed.remove(moving);
    changed.add(Math.min(to, changed.size()), moving);
    return Edits.allCoats(part.id(), changed).named(name);
  }

  /** The first coating of a role that the catalogue has and that is not planned yet. */
  private Optional<Change> with(Part part, Role role, int at) {
    List<String> planned = part.coats().stream().map(Coats::coatingId).toList();
    return catalogue.coatings().stream()
        .filter(it -> it.role() == role && !planned.contains(it.id()))
        .findFirst()
        .map(
            it -> {
              List<Coats> changed = new ArrayList<>(part.coats());
              changed.add(at, new Coats(it.id(), it.usualCoats()));
              return Edits.allCoats(part.id(), changed).named("With " + it.name());
            });
  }

  // == AMOUNTS

  private void unfoundCoatings(Part part) {
    part.coats().stream()
        .filter(it -> catalogue.coating(it.coatingId()).isEmpty())
        .forEach(
            it ->
                add(
                    "finish." + part.id() + ".unfound." + it.coatingId(),
                    new Place.OnCoating(part.id(), it.coatingId()),
                    Severity.WRONG,
                    "This coating is not in the catalogue",
                    "'" + it.coatingId() + "' was planned, and the catalogue has no such coating.",
                    List.of(Edits.coats(part.id(), it.coatingId(), 0).named("Take it out"))));
  }

  private void coats(CoatStock coats) {
    if (!coats.runsOut()) {
      return;
    }
    String id = coats.coating().id();
    int whole = (int) coats.lastWhole().value();
    List<Change> mends = new ArrayList<>();
    double bought =
        coats.onShelf().value()
            + coats.coating().containerMm3()
                * Math.ceil(coats.missing().value() / coats.coating().containerMm3());
    mends.add(
        Edits.onShelf(id, bought)
            .named(
                "Bought: "
                    + Display.show(bought, coats.need().quantity(), units)
                    + " on the shelf"));
    if (whole > 0) {
      mends.add(
          new Edit(whole == 1 ? "One coat" : whole + " coats", own -> atMost(own, id, whole)));
    }
    add(
        "finish.short." + id,
        new Place.OnCoating("", id),
        Severity.WARNING,
        whole == 0 ? "Not enough for one coat" : "Runs out in coat " + (whole + 1),
        coats.coating().name()
            + ": "
            + coats.need().show(units)
            + " for all coats, "
            + coats.onShelf().show(units)
            + " on the shelf, "
            + coats.missing().show(units)
            + " missing.",
        mends);
  }

  /** No part takes more coats of a coating than that. */
  private static Project atMost(Project project, String coatingId, int most) {
    return project.withProps(
        project.props().stream()
            .map(
                prop ->
                    prop.withParts(
                        prop.parts().stream().map(it -> atMost(it, coatingId, most)).toList()))
            .toList());
  }

  private static Part atMost(Part part, String coatingId, int most) {
    return part.withCoats(
        part.coats().stream()
            .map(
                it ->
                    it.coatingId().equals(coatingId)
                        ? new Coats(coatingId, Math.min(most, it.count()))
                        : it)
            .toList());
  }

  private void add(
      String id,
      Place place,
      Severity severity,
      String title,
      String why,
      List<? extends Change> mends) {
    found.add(new Finding(id, Station.FINISH, place, severity, title, why, mends));
  }
}
