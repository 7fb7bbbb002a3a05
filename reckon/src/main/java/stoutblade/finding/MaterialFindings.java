package stoutblade.finding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import stoutblade.build.WorkChoices;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Coating;
import stoutblade.catalogue.Glue;
import stoutblade.catalogue.SheetFamily;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.core.CoreReckoning;
import stoutblade.develop.Cone;
import stoutblade.develop.Cope;
import stoutblade.develop.Cover;
import stoutblade.develop.Dish;
import stoutblade.develop.DoubleWall;
import stoutblade.develop.Elbow;
import stoutblade.develop.Form;
import stoutblade.develop.Helix;
import stoutblade.develop.Insert;
import stoutblade.develop.Lidded;
import stoutblade.develop.Moulding;
import stoutblade.develop.OverEdge;
import stoutblade.develop.Prism;
import stoutblade.develop.Pyramid;
import stoutblade.develop.RimBand;
import stoutblade.develop.Ring;
import stoutblade.develop.Rings;
import stoutblade.develop.Swelling;
import stoutblade.develop.Turned;
import stoutblade.develop.Wraps;
import stoutblade.edit.Change;
import stoutblade.edit.Edits;
import stoutblade.edit.LayerEdits;
import stoutblade.edit.PartEdits;
import stoutblade.finding.Finding.Severity;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.part.FlatPieces;
import stoutblade.part.Formed;
import stoutblade.part.Part;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Point;
import stoutblade.stack.Profile;

/** Looks whether the sheets of a part take what is done with them: bent, glued, sanded, sealed. */
final class MaterialFindings {

  /** So long it takes to lay a core straight along its channel, in minutes (our assumption). */
  private static final double TO_LAY_A_CORE = 3;

  private final PartReckoning reckoned;
  private final Part part;
  private final WorkChoices choices;
  private final Catalogue catalogue;
  private final Units units;
  private final List<Finding> found = new ArrayList<>();

  MaterialFindings(PartReckoning reckoned, Catalogue catalogue, Units units) {
    this.reckoned = reckoned;
    this.part = reckoned.part();
    this.choices = reckoned.choices();
    this.catalogue = catalogue;
    this.units = units;
  }

  List<Finding> all() {
    for (SheetFamily family : choices.families()) {
      if (bends()) {
        bent(family);
      }
      if (!family.sanded() && part.cut().isPresent() && !part.layering().flat()) {
        notSanded(family);
      }
    }
    glued();
    sealedByHeat();
    return found;
  }

  // == BENDING

  /** True where its sheet has to bend. */
  private boolean bends() {
    return switch (part.shape()) {
      case Formed it -> bends(it.form(part.thicknessMm()));
      case FlatPieces it -> true;
      default -> false;
    };
  }

  private static boolean bends(Form form) {
    return switch (form) {
      case Cone it -> true;
      case Cope it -> true;
      case Dish it -> true;
      case DoubleWall it -> true;
      case Elbow it -> true;
      case Helix it -> true;
      case OverEdge it -> true;
      case Ring it -> true;
      case Rings it -> true;
      case Swelling it -> true;
      case RimBand it -> true;
      case Turned it -> true;
      case Wraps it -> true;
      case Cover it -> false;
      case Insert it -> false;
      case Lidded it -> false;
      case Moulding it -> false;
      case Prism it -> false;
      case Pyramid it -> false;
    };
  }

  private void bent(SheetFamily family) {
    if (!family.forms()) {
      add(
          Station.DRAFT,
          "draft." + part.id() + ".rigid",
          Severity.WRONG,
          family.name() + " does not bend",
          "This part is rolled or folded from its sheet. Take a sheet that bends, or build it up"
              + " from flat pieces.",
          bending().stream().toList());
    } else if (!family.bends()) {
      add(
          Station.DRAFT,
          "draft." + part.id() + ".formed-warm",
          Severity.WARNING,
          family.name() + " bends only when it is warm",
          "Form it over something of the right size, and let it cool there. " + family.caution(),
          bending().stream().toList());
    }
  }

  /** The foam of the nearest thickness. */
  private Optional<Change> bending() {
    double thickness = part.layering().front().thicknessMm();
    return catalogue.foams().stream()
        .min(Comparator.comparing(it -> Math.abs(nearest(it, thickness) - thickness)))
        .map(
            it -> {
              double mm = nearest(it, thickness);
              return PartEdits.material(part.id(), it.id(), mm)
                  .named("Use " + it.shortName() + ", " + Display.length(mm, units));
            });
  }

  private static double nearest(SheetMaterial sheet, double thickness) {
    return sheet.thicknessesMm().stream()
        .min(Comparator.comparing(it -> Math.abs(it - thickness)))
        .orElseThrow();
  }

  // == SANDING

  private void notSanded(SheetFamily family) {
    add(
        Station.LAYERS,
        "layers." + part.id() + ".not-sanded",
        Severity.WARNING,
        family.name() + " is not sanded to a shape",
        "The section wants an edge that is worked off. Leave it flat, or take another sheet.",
        List.of(
            LayerEdits.on(part.id(), "Flat", it -> it.with(Profile.FLAT).withChanges(List.of()))
                .named("Leave it flat")));
  }

  // == GLUING

  private void glued() {
    if (reckoned.body().filter(it -> it.glued().value() > 0).isPresent()) {
      held(choices.glue());
    }
    if (reckoned.core().flatMap(CoreReckoning::bed).isPresent()) {
      setsTooSoon();
    }
  }

  private void held(WorkChoices.Way<Glue> way) {
    Glue taken = way.taken();
    Optional<SheetFamily> lets =
        choices.families().stream().filter(it -> !it.glueIds().contains(taken.id())).findFirst();
    boolean proposed = taken.equals(way.proposed());
    if (lets.isPresent()) {
      add(
          Station.BUILD,
          "build." + part.id() + ".glue",
          Severity.WARNING,
          taken.name() + " is not known to hold " + lets.get().said(),
          (proposed ? way.reason() : "Try it on a scrap first, or take what is proposed.")
              + " The label says what it holds.",
          proposed
              ? List.of()
              : List.of(
                  PartEdits.glue(part.id(), Optional.empty())
                      .named("Take " + way.proposed().name().toLowerCase(Locale.ROOT))));
    }
  }

  /** A core is laid in along its whole length: its glue must not set on the way. */
  private void setsTooSoon() {
    Glue taken = choices.coreGlue().taken();
    if (taken.joinByMinutes() < TO_LAY_A_CORE) {
      add(
          Station.BUILD,
          "build." + part.id() + ".core-glue",
          Severity.WARNING,
          taken.name() + " sets before the core lies straight",
          "It must be joined within "
              + Display.duration(taken.joinByMinutes())
              + "; a core is laid in along its whole length.",
          List.of(PartEdits.coreGlue(part.id(), Optional.empty()).named("Take what is proposed")));
    }
  }

  // == SEALING

  private void sealedByHeat() {
    boolean foam = choices.families().stream().anyMatch(SheetFamily::foam);
    if (choices.families().isEmpty() || foam) {
      return;
    }
    part.coats().stream()
        .flatMap(it -> catalogue.coating(it.coatingId()).stream())
        .filter(it -> it.role() == Coating.Role.SEAL && it.spread() == 0)
        .forEach(
            it ->
                add(
                    Station.FINISH,
                    "finish." + part.id() + ".no-cells",
                    Severity.WARNING,
                    "Heat closes the cells of foam; "
                        + choices.families().getFirst().said()
                        + " has none",
                    "A hot air gun scorches or warps it. Seal it with a coat instead.",
                    List.of(Edits.coats(part.id(), it.id(), 0).named("Leave it out"))));
  }

  private void add(
      Station station, String id, Severity severity, String what, String why, List<Change> mends) {
    found.add(
        new Finding(
            id, station, new Place.OnPart(part.id(), new Point(0, 0)), severity, what, why, mends));
  }
}
