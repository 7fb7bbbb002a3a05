package stoutblade.stack;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import stoutblade.measure.Display;
import stoutblade.measure.Units;

/**
 * What was decided about the layers of a part.
 *
 * @param sheets its layers, from the back to the front
 * @param profile the cross-section that they are worked to, from the near end on
 * @param changes where along it changes, in order; taper, rounding and back stay those of the first
 * @param band the strip round the edge, where there is one
 * @param wantedMm how thick it is wanted; 0 where it may be what it comes to
 * @param allowanceMm how far outside its line a layer is cut where the profile is sanded down to it
 */
public record Layering(
    List<Sheet> sheets,
    Profile profile,
    List<ProfileChange> changes,
    Optional<Band> band,
    double wantedMm,
    double allowanceMm) {

  /** The most layers of a part. */
  public static final int MOST_SHEETS = 40;

  private static final int MOST_CHANGES = 12;
  private static final double MOST_ALLOWANCE_MM = 20;

  /** The thickest that a part may be wanted, in mm. */
  public static final double MOST_WANTED_MM = 2000;

  /**
   * Copies the lists and checks that the profile can be worked from the sheets.
   *
   * @throws IllegalArgumentException if there are none or too many, a measure is out of range, or a
   *     section changes before the one before it is reached; the message can be shown
   */
  public Layering {
    sheets = List.copyOf(sheets);
    if (sheets.isEmpty() || sheets.size() > MOST_SHEETS) {
      throw new IllegalArgumentException(
          "A part has 1 to " + MOST_SHEETS + " layers; found " + sheets.size());
    }
    if (!(allowanceMm >= 0 && allowanceMm <= MOST_ALLOWANCE_MM)) {
      throw new IllegalArgumentException(
          "Layers are cut 0 to 2 cm outside their line; found " + shown(allowanceMm));
    }
    if (!(wantedMm >= 0 && wantedMm <= MOST_WANTED_MM)) {
      throw new IllegalArgumentException(
          "A part is wanted 0 to 2 m thick; found " + shown(wantedMm));
    }
    changes = wholly(changes, profile);
    checkEdge(profile, sheets);
    for (ProfileChange it : changes) {
      checkEdge(it.profile(), sheets);
    }
    checkOrder(changes);
  }

  /** Taper, rounding and back are those of the whole part. */
  private static List<ProfileChange> wholly(List<ProfileChange> changes, Profile first) {
    return changes.stream()
        .map(
            it ->
                it.with(
                    it.profile()
                        .withTip(first.tip())
                        .withRound(first.roundMm())
                        .withFlatBack(first.flatBack())))
        .toList();
  }

  private static void checkEdge(Profile profile, List<Sheet> sheets) {
    if (profile.edgeMm() > thickness(sheets) + 1e-9) {
      throw new IllegalArgumentException(
          "The edge is no thicker than all layers, "
              + shown(thickness(sheets))
              + "; found "
              + shown(profile.edgeMm()));
    }
  }

  private static void checkOrder(List<ProfileChange> changes) {
    if (changes.size() > MOST_CHANGES) {
      throw new IllegalArgumentException(
          "A section changes up to " + MOST_CHANGES + " times; found " + changes.size());
    }
    for (int i = 1; i < changes.size(); i++) {
      if (changes.get(i).fromMm() < changes.get(i - 1).toMm()) {
        throw new IllegalArgumentException(
            "A section changes where the one before it is reached, "
                + shown(changes.get(i - 1).toMm())
                + " along, or further on; found "
                + shown(changes.get(i).fromMm()));
      }
    }
  }

  /** Sheets worked to a profile that is the same all along. */
  public static Layering of(List<Sheet> sheets, Profile profile) {
    return new Layering(sheets, profile, List.of(), Optional.empty(), 0, 0);
  }

  /** As many layers of one foam, worked to a profile. */
  public static Layering of(int count, String materialId, double thicknessMm, Profile profile) {
    return of(Collections.nCopies(count, Sheet.of(materialId, thicknessMm)), profile);
  }

  private static double thickness(List<Sheet> sheets) {
    return sheets.stream().mapToDouble(Sheet::thicknessMm).sum();
  }

  private static String shown(double mm) {
    return Display.length(mm, Units.METRIC);
  }

  /** How thick all layers are together, in mm. */
  public double thicknessMm() {
    return thickness(sheets);
  }

  /** The layer at the front of the middle: the one that a core in the middle lies against. */
  public Sheet middle() {
    return sheets.get(sheets.size() / 2);
  }

  /** The layer that looks to the front. */
  public Sheet front() {
    return sheets.getLast();
  }

  /** Where the joint before a layer lies, from the back, in mm; one more for the front. */
  public List<Double> joints() {
    List<Double> all = new ArrayList<>(List.of(0.0));
    for (Sheet sheet : sheets) {
      all.add(all.getLast() + sheet.thicknessMm());
    }
    return all;
  }

  /** True where the front half is the back half turned over. */
  public boolean symmetric() {
    for (int i = 0; i < sheets.size() / 2; i++) {
      Sheet other = sheets.get(sheets.size() - 1 - i);
      if (!sheets.get(i).sameFoam(other) || !sheets.get(i).own().equals(other.own())) {
        return false;
      }
    }
    return true;
  }

  /** True where nothing is worked off round the edge, all along. */
  public boolean flat() {
    double thick = thicknessMm();
    return profile.flat(thick) && changes.stream().allMatch(it -> it.profile().flat(thick));
  }

  /** True where the areas of all its sections change smoothly with the height. */
  public boolean smooth() {
    return profile.smooth() && changes.stream().allMatch(it -> it.profile().smooth());
  }

  /**
   * How thick the edge is at a place along, front and back together, in mm.
   *
   * @param along from the part's near end
   */
  public double edgeAt(double along) {
    double edge = edge(profile);
    for (ProfileChange it : changes) {
      edge += (edge(it.profile()) - edge) * it.share(along);
    }
    return edge;
  }

  private double edge(Profile own) {
    return own.flat(thicknessMm()) ? thicknessMm() : own.edgeMm();
  }

  /** Other sheets; an edge thicker than they are becomes as thick. */
  public Layering withSheets(List<Sheet> changed) {
    double most = thickness(changed);
    return new Layering(
        changed,
        within(profile, most),
        changes.stream().map(it -> it.with(within(it.profile(), most))).toList(),
        band,
        wantedMm,
        allowanceMm);
  }

  private static Profile within(Profile profile, double most) {
    return profile.edgeMm() > most ? profile.withEdge(most) : profile;
  }

  /** As many layers as before, all of one foam. */
  public Layering withMaterial(String materialId, double thicknessMm) {
    return withSheets(sheets.stream().map(it -> it.withMaterial(materialId, thicknessMm)).toList());
  }

  /**
   * The same made larger or smaller: the foam stays; widths, places along and outlines go along.
   */
  public Layering times(double factor) {
    return withSheets(sheets.stream().map(it -> it.times(factor)).toList())
        .with(profile.times(factor))
        .withChanges(changes.stream().map(it -> it.times(factor)).toList());
  }

  public Layering with(Profile changed) {
    return new Layering(sheets, changed, changes, band, wantedMm, allowanceMm);
  }

  public Layering withChanges(List<ProfileChange> changed) {
    return new Layering(sheets, profile, changed, band, wantedMm, allowanceMm);
  }

  public Layering with(Optional<Band> changed) {
    return new Layering(sheets, profile, changes, changed, wantedMm, allowanceMm);
  }

  public Layering withAllowance(double mm) {
    return new Layering(sheets, profile, changes, band, wantedMm, mm);
  }

  public Layering withWanted(double mm) {
    return new Layering(sheets, profile, changes, band, mm, allowanceMm);
  }
}
