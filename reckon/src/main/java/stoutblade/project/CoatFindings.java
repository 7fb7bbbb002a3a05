package stoutblade.project;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Coating;
import stoutblade.catalogue.Coating.Role;
import stoutblade.finish.CoatOrder;
import stoutblade.finish.CoatReckoning;
import stoutblade.finish.Coats;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.project.Finding.Severity;

/** What is wrong or risky about the coats: their order, and how far they reach. */
final class CoatFindings {

  private final Derived derived;
  private final Project project;
  private final Catalogue catalogue;
  private final Units units;
  private final List<Finding> found = new ArrayList<>();

  CoatFindings(Derived derived, Catalogue catalogue, Units units) {
    this.derived = derived;
    this.project = derived.project();
    this.catalogue = catalogue;
    this.units = units;
  }

  List<Finding> all() {
    unfoundCoatings();
    order();
    derived.coats().forEach(this::coats);
    return found;
  }

  // == ORDER

  private void order() {
    List<Coating> planned =
        project.coats().stream().flatMap(it -> catalogue.coating(it.coatingId()).stream()).toList();
    for (CoatOrder.Fault fault : CoatOrder.faults(planned)) {
      add(
          "finish.%s.%s".formatted(fault.kind().key(), fault.coating().id()),
          new Place.OnCoating(fault.coating().id()),
          Severity.WARNING,
          fault.kind().title(),
          fault.coating().name() + ": " + fault.kind().why(),
          mends(fault));
    }
  }

  private List<Edit> mends(CoatOrder.Fault fault) {
    String id = fault.coating().id();
    List<Edit> mends = new ArrayList<>();
    switch (fault.kind()) {
      case SEAL_LATE -> mends.add(moved(id, 0, "Seal first"));
      case PRIMER_LATE ->
          mends.add(
              moved(id, firstOf(Role.PAINT, Role.WASH, Role.CLEAR), "Prime before the colour"));
      case UNSEALED -> {
        with(Role.SEAL, 0).ifPresent(mends::add);
        with(Role.PRIMER, 0).ifPresent(mends::add);
      }
      case WASH_BARE -> with(Role.CLEAR, project.coats().size()).ifPresent(mends::add);
    }
    mends.add(named("Leave it out", Edits.coats(id, 0)));
    return mends;
  }

  /** Where the first of some roles stands; at the end where there is none. */
  private int firstOf(Role... roles) {
    List<Role> wanted = List.of(roles);
    for (int i = 0; i < project.coats().size(); i++) {
      String id = project.coats().get(i).coatingId();
      if (catalogue.coating(id).filter(it -> wanted.contains(it.role())).isPresent()) {
        return i;
      }
    }
    return project.coats().size();
  }

  private Edit moved(String id, int to, String name) {
    List<Coats> changed = new ArrayList<>(project.coats());
    Coats moving =
        changed.stream().filter(it -> it.coatingId().equals(id)).findFirst().orElseThrow();
    changed.remove(moving);
    changed.add(Math.min(to, changed.size()), moving);
    return named(name, Edits.allCoats(changed));
  }

  /** The first coating of a role that the catalogue has and that is not planned yet. */
  private Optional<Edit> with(Role role, int at) {
    List<String> planned = project.coats().stream().map(Coats::coatingId).toList();
    return catalogue.coatings().stream()
        .filter(it -> it.role() == role && !planned.contains(it.id()))
        .findFirst()
        .map(
            it -> {
              List<Coats> changed = new ArrayList<>(project.coats());
              changed.add(at, new Coats(it.id(), it.usualCoats()));
              return named("With " + it.name(), Edits.allCoats(changed));
            });
  }

  // == AMOUNTS

  private void unfoundCoatings() {
    project.coats().stream()
        .filter(it -> catalogue.coating(it.coatingId()).isEmpty())
        .forEach(
            it ->
                add(
                    "finish.unfound." + it.coatingId(),
                    new Place.OnCoating(it.coatingId()),
                    Severity.WRONG,
                    "This coating is not in the catalogue",
                    "'" + it.coatingId() + "' was planned, and the catalogue has no such coating.",
                    List.of(named("Take it out", Edits.coats(it.coatingId(), 0)))));
  }

  private void coats(CoatReckoning coats) {
    if (!coats.runsOut()) {
      return;
    }
    String id = coats.coating().id();
    int whole = (int) coats.lastWhole().value();
    List<Edit> mends = new ArrayList<>();
    double bought =
        coats.onShelf().value()
            + coats.coating().containerMm3()
                * Math.ceil(coats.missing().value() / coats.coating().containerMm3());
    mends.add(
        named(
            "Bought: " + Display.show(bought, coats.need().quantity(), units) + " on the shelf",
            Edits.onShelf(id, bought)));
    if (whole > 0) {
      mends.add(named(whole == 1 ? "One coat" : whole + " coats", Edits.coats(id, whole)));
    }
    add(
        "finish.short." + id,
        new Place.OnCoating(id),
        Severity.WARNING,
        whole == 0 ? "Not enough for one coat" : "Runs out in coat " + (whole + 1),
        coats.coating().name()
            + ": "
            + coats.need().show(units)
            + " for "
            + coats.coats().show(units)
            + " coats, "
            + coats.onShelf().show(units)
            + " on the shelf, "
            + coats.missing().show(units)
            + " missing.",
        mends);
  }

  private void add(
      String id, Place place, Severity severity, String title, String why, List<Edit> mends) {
    found.add(new Finding(id, Station.FINISH, place, severity, title, why, mends));
  }

  private static Edit named(String name, Edit edit) {
    return new Edit(name, edit.change());
  }
}
