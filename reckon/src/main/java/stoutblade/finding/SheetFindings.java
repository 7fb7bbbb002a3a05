package stoutblade.finding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.edit.Change;
import stoutblade.edit.LayerEdits;
import stoutblade.edit.PartEdits;
import stoutblade.edit.PropEdit;
import stoutblade.finding.Finding.Severity;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.part.Part;
import stoutblade.part.Slices;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Point;
import stoutblade.stack.Choice;
import stoutblade.stack.Sheet;
import stoutblade.stack.StackFinder;
import stoutblade.stack.Wish;

/** Looks through the sheets of a part for thicknesses that are not sold. */
final class SheetFindings {

  /** Thicknesses that differ by less are one and the same. */
  private static final double SAME_MM = 0.05;

  private final PartReckoning part;
  private final Catalogue catalogue;
  private final List<Wish.Leftover> leftovers;
  private final Units units;
  private final List<Finding> found = new ArrayList<>();

  SheetFindings(
      PartReckoning part, Catalogue catalogue, List<Wish.Leftover> leftovers, Units units) {
    this.part = part;
    this.catalogue = catalogue;
    this.leftovers = leftovers;
    this.units = units;
  }

  List<Finding> all() {
    Part own = part.part();
    // What is cut from strip is as wide as that, and not as thick as a sheet.
    if (own.stack().isEmpty() || part.strip().isPresent()) {
      return List.of();
    }
    Set<String> told = new HashSet<>();
    List<Sheet> sheets = own.layering().sheets();
    for (int i = 0; i < sheets.size(); i++) {
      Sheet sheet = sheets.get(i);
      Optional<SheetMaterial> foam =
          catalogue.sheet(sheet.materialId()).filter(it -> !sold(it, sheet));
      if (foam.isPresent() && told.add(sheet.materialId() + sheet.thicknessMm())) {
        unsold(foam.get(), sheet, i);
      }
    }
    return found;
  }

  private static boolean sold(SheetMaterial foam, Sheet sheet) {
    return foam.thicknessesMm().stream()
        .anyMatch(it -> Math.abs(it - sheet.thicknessMm()) < SAME_MM);
  }

  private void unsold(SheetMaterial foam, Sheet sheet, int index) {
    String id = part.id();
    List<Change> mends = new ArrayList<>();
    if (!(part.part().shape() instanceof Slices)) {
      double nearest =
          foam.thicknessesMm().stream()
              .min(Comparator.comparing(it -> Math.abs(it - sheet.thicknessMm())))
              .orElseThrow();
      mends.add(
          (part.part().cut().isPresent()
                  ? replaced(id, sheet, nearest)
                  : PartEdits.material(id, sheet.materialId(), nearest))
              .named("Use " + show(nearest)));
    }
    stack(foam, sheet).ifPresent(mends::add);
    found.add(
        new Finding(
            "layers." + id + ".unsold-" + (index + 1),
            Station.LAYERS,
            new Place.OnPart(id, new Point(0, 0)),
            Severity.WARNING,
            show(sheet.thicknessMm()) + " is not sold",
            foam.name()
                + " is sold in "
                + String.join(", ", foam.thicknessesMm().stream().map(this::show).toList())
                + (part.part().shape() instanceof Slices
                    ? ". Slice the model anew for one of them."
                    : "."),
            mends));
  }

  /** Every layer of that sheet. */
  private static PropEdit replaced(String id, Sheet from, double mm) {
    return LayerEdits.on(
        id,
        "Thickness",
        it ->
            it.withSheets(
                it.sheets().stream()
                    .map(own -> own.sameFoam(from) ? own.withMaterial(own.materialId(), mm) : own)
                    .toList()));
  }

  /** What is cut from one sheet may be made of several that are sold. */
  private Optional<Change> stack(SheetMaterial foam, Sheet sheet) {
    boolean single = part.part().cut().isPresent() && part.part().layering().sheets().size() == 1;
    if (!single || part.layers().isEmpty()) {
      return Optional.empty();
    }
    Wish wish =
        new Wish(
            sheet.thicknessMm(),
            Math.max(1, sheet.thicknessMm() / 10),
            Wish.MOST_LAYERS,
            List.of(foam),
            leftovers,
            part.layers().get().solid().face().area(),
            Wish.Outside.ANY,
            false,
            Wish.Criterion.DEVIATION);
    List<Choice> best = StackFinder.best(wish, 1);
    return best.stream()
        .filter(it -> it.sheets().size() > 1)
        .findFirst()
        .map(
            it ->
                LayerEdits.take(part.id(), it, sheet.thicknessMm())
                    .named(
                        "Glue it up from "
                            + String.join(
                                " + ",
                                it.sheets().stream()
                                    .map(own -> show(own.thicknessMm()))
                                    .toList())));
  }

  private String show(double mm) {
    return Display.length(mm, units);
  }
}
