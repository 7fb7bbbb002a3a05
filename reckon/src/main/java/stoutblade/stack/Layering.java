package stoutblade.stack;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import stoutblade.measure.Display;
import stoutblade.measure.Units;

/**
 * What was decided about the layers of a part.
 *
 * @param sheets its layers, from the back to the front
 * @param profile the cross-section that they are worked to
 * @param wantedMm how thick it is wanted; 0 where it may be what it comes to
 * @param allowanceMm how far outside its line a layer is cut where the profile is sanded down to it
 */
public record Layering(List<Sheet> sheets, Profile profile, double wantedMm, double allowanceMm) {

  /** The most layers of a part. */
  public static final int MOST_SHEETS = 40;

  private static final double MOST_ALLOWANCE_MM = 20;
  private static final double MOST_WANTED_MM = 2000;

  /**
   * Copies the sheets and checks that the profile can be worked from them.
   *
   * @throws IllegalArgumentException if there are none or too many, or a measure is out of range;
   *     the message can be shown
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
    if (profile.edgeMm() > thickness(sheets) + 1e-9) {
      throw new IllegalArgumentException(
          "The edge is no thicker than all layers, "
              + shown(thickness(sheets))
              + "; found "
              + shown(profile.edgeMm()));
    }
  }

  /** As many layers of one foam, worked to a profile. */
  public static Layering of(int count, String foamId, double thicknessMm, Profile profile) {
    return new Layering(Collections.nCopies(count, Sheet.of(foamId, thicknessMm)), profile, 0, 0);
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
      if (!sheets.get(i).sameFoam(sheets.get(sheets.size() - 1 - i))) {
        return false;
      }
    }
    return true;
  }

  /** Other sheets; an edge thicker than they are becomes as thick. */
  public Layering withSheets(List<Sheet> changed) {
    double most = thickness(changed);
    return new Layering(
        changed, profile.edgeMm() > most ? profile.withEdge(most) : profile, wantedMm, allowanceMm);
  }

  /** As many layers as before, all of one foam. */
  public Layering withFoam(String foamId, double thicknessMm) {
    return withSheets(
        sheets.stream()
            .map(it -> new Sheet(foamId, thicknessMm, it.oversize(), it.turned()))
            .toList());
  }

  /** The same made larger or smaller: the sheets stay, widths of the profile go along. */
  public Layering times(double factor) {
    return with(profile.times(factor));
  }

  public Layering with(Profile changed) {
    return new Layering(sheets, changed, wantedMm, allowanceMm);
  }

  public Layering withAllowance(double mm) {
    return new Layering(sheets, profile, wantedMm, mm);
  }

  public Layering withWanted(double mm) {
    return new Layering(sheets, profile, mm, allowanceMm);
  }
}
