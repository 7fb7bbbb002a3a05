package stoutblade.catalogue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Kinds of material with their properties, and the pace of work.
 *
 * @param families families of sheets
 * @param sheets sheets of every family
 * @param rods rods and tubes
 * @param glues glues
 * @param coatings seals, primers, paints and clear coats
 * @param paces how long work takes
 * @param things things of known size that turn up on pictures
 * @param fittings fittings for pipes
 */
public record Catalogue(
    List<SheetFamily> families,
    List<SheetMaterial> sheets,
    List<Rod> rods,
    List<Glue> glues,
    List<Coating> coatings,
    List<Pace> paces,
    List<Thing> things,
    List<PipeFitting> fittings) {

  /**
   * Copies the lists.
   *
   * @throws IllegalArgumentException if a sheet is of a family that is not there
   */
  public Catalogue {
    families = List.copyOf(families);
    sheets = List.copyOf(sheets);
    rods = List.copyOf(rods);
    glues = List.copyOf(glues);
    coatings = List.copyOf(coatings);
    paces = List.copyOf(paces);
    things = List.copyOf(things);
    fittings = List.copyOf(fittings);
    Set<String> known = families.stream().map(SheetFamily::id).collect(Collectors.toSet());
    for (SheetMaterial sheet : sheets) {
      if (!known.contains(sheet.familyId())) {
        throw new IllegalArgumentException(
            sheet.id() + ": there is no family of sheets '" + sheet.familyId() + "'");
      }
    }
  }

  /** The family that a sheet belongs to. */
  public SheetFamily family(SheetMaterial sheet) {
    return families.stream()
        .filter(it -> it.id().equals(sheet.familyId()))
        .findFirst()
        .orElseThrow();
  }

  /** The sheets that are foam. */
  public List<SheetMaterial> foams() {
    return sheets.stream().filter(it -> family(it).foam()).toList();
  }

  public Optional<SheetMaterial> sheet(String id) {
    return sheets.stream().filter(it -> it.id().equals(id)).findFirst();
  }

  public Optional<Rod> rod(String id) {
    return rods.stream().filter(rod -> rod.id().equals(id)).findFirst();
  }

  public Optional<Coating> coating(String id) {
    return coatings.stream().filter(coating -> coating.id().equals(id)).findFirst();
  }

  public Optional<Thing> thing(String id) {
    return things.stream().filter(thing -> thing.id().equals(id)).findFirst();
  }

  /**
   * A fitting for a pipe.
   *
   * @throws IllegalArgumentException if the catalogue lacks it
   */
  public PipeFitting fitting(String rodId, PipeFitting.Kind kind) {
    return fittings.stream()
        .filter(it -> it.rodId().equals(rodId) && it.kind() == kind)
        .findFirst()
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    "The catalogue has no "
                        + kind.words()
                        + " for "
                        + rod(rodId).map(Rod::name).orElse(rodId)));
  }

  /**
   * A glue that the work cannot do without.
   *
   * @throws IllegalArgumentException if the catalogue lacks it
   */
  public Glue glue(String id) {
    return glues.stream()
        .filter(glue -> glue.id().equals(id))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("The catalogue has no glue '" + id + "'"));
  }

  /**
   * The glue that was chosen; where none was, or it is in the catalogue no more, the proposed one.
   *
   * @throws IllegalArgumentException if the catalogue lacks both
   */
  public Glue glue(Optional<String> chosen, String proposed) {
    return glues.stream()
        .filter(it -> chosen.filter(it.id()::equals).isPresent())
        .findFirst()
        .orElseGet(() -> glue(proposed));
  }

  /**
   * How long a kind of work takes.
   *
   * @throws IllegalArgumentException if the catalogue lacks it
   */
  public Pace pace(String id) {
    return paces.stream()
        .filter(pace -> pace.id().equals(id))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("The catalogue has no pace '" + id + "'"));
  }
}
