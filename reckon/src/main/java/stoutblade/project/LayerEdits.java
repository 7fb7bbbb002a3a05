package stoutblade.project;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import stoutblade.prop.Assembly;
import stoutblade.prop.Plate;
import stoutblade.stack.Choice;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.Sheet;
import stoutblade.stack.Wish;

/**
 * The edits of layers: the blade's or a plate's.
 *
 * <p>Each takes the id of the plate, or {@link Assembly#BLADE} for the blade.
 */
public final class LayerEdits {

  private LayerEdits() {}

  /**
   * What was decided about the layers of the blade or of a plate.
   *
   * @throws IllegalArgumentException if there is no such plate
   */
  public static Layering of(Project project, String id) {
    return id.equals(Assembly.BLADE) ? project.layering() : plate(project, id).layering();
  }

  private static Plate plate(Project project, String id) {
    return project
        .plate(id)
        .orElseThrow(() -> new IllegalArgumentException("There is no plate '" + id + "'"));
  }

  /** Any change of layers. */
  public static Edit on(String id, String name, UnaryOperator<Layering> change) {
    return new Edit(
        name,
        project -> {
          Layering changed = change.apply(of(project, id));
          return id.equals(Assembly.BLADE)
              ? project.withLayering(changed)
              : PartEdits.replaced(project, plate(project, id).withLayering(changed));
        });
  }

  // == SHEETS

  private static Edit sheets(String id, String name, UnaryOperator<List<Sheet>> change) {
    return on(id, name, it -> it.withSheets(change.apply(new ArrayList<>(it.sheets()))));
  }

  /** Changes one layer, counted from 0 at the back. */
  public static Edit sheet(String id, int index, String name, UnaryOperator<Sheet> change) {
    return sheets(
        id,
        name,
        all -> {
          all.set(index, change.apply(all.get(index)));
          return all;
        });
  }

  /** Another foam or thickness for one layer. */
  public static Edit foam(String id, int index, String foamId, double mm) {
    return sheet(
        id, index, "Choose the foam", it -> new Sheet(foamId, mm, it.oversize(), it.turned()));
  }

  /** One foam and thickness for all layers. */
  public static Edit foam(String id, String foamId, double mm) {
    return on(id, "Choose the foam", it -> it.withFoam(foamId, mm));
  }

  /** Another layer like one that is there, in front of it. */
  public static Edit add(String id, int index) {
    return sheets(
        id,
        "Add a layer",
        all -> {
          all.add(index + 1, all.get(index));
          return all;
        });
  }

  public static Edit remove(String id, int index) {
    return sheets(
        id,
        "Take a layer out",
        all -> {
          if (all.size() == 1) {
            throw new IllegalArgumentException("A part has at least one layer");
          }
          all.remove(index);
          return all;
        });
  }

  /** Brings a layer one place nearer to the front, or with -1 to the back. */
  public static Edit move(String id, int index, int by) {
    return sheets(
        id,
        "Move a layer",
        all -> {
          int to = Math.clamp(index + by, 0, all.size() - 1);
          all.add(to, all.remove(index));
          return all;
        });
  }

  /** Takes a stack that was found. */
  public static Edit take(String id, Choice choice, double wantedMm) {
    return on(id, "Take a stack", it -> it.withSheets(choice.sheets()).withWanted(wantedMm));
  }

  public static Edit wanted(String id, double mm) {
    return on(id, "Thickness wanted", it -> it.withWanted(mm));
  }

  public static Edit allowance(String id, double mm) {
    return on(id, "Allowance for sanding", it -> it.withAllowance(mm));
  }

  // == LEFTOVERS

  /** Foam that is left over; the same sheet again replaces what was said of it, 0 takes it away. */
  public static Edit leftover(Wish.Leftover leftover) {
    return new Edit(
        "Foam left over",
        project -> {
          List<Wish.Leftover> all = new ArrayList<>(project.leftovers());
          all.removeIf(
              it ->
                  it.foamId().equals(leftover.foamId())
                      && it.thicknessMm() == leftover.thicknessMm());
          if (leftover.areaMm2() > 0) {
            all.add(leftover);
          }
          return project.withLeftovers(all);
        });
  }

  // == PROFILE

  public static Edit profile(String id, String name, UnaryOperator<Profile> change) {
    return on(id, name, it -> it.with(change.apply(it.profile())));
  }

  /** A bevel of a width; 0 leaves the kind of section as it is. */
  public static Edit bevel(String id, double mm) {
    return profile(
        id, "Bevel width", it -> it.with(mm > 0 ? Profile.Kind.BEVEL : it.kind()).withWidth(mm));
  }

  public static Edit edge(String id, double mm) {
    return profile(id, "Edge thickness", it -> it.withEdge(mm));
  }

  /** Another kind of cross-section; one that has a width starts with one that can be seen. */
  public static Edit kind(String id, Profile.Kind kind) {
    return on(
        id,
        kind.title(),
        it -> {
          Profile changed = it.profile().with(kind);
          boolean wide = !kind.across() && kind != Profile.Kind.FLAT && changed.widthMm() == 0;
          Profile seen = wide ? changed.withWidth(20) : changed;
          double most = it.thicknessMm();
          return it.with(seen.edgeMm() >= most ? seen.withEdge(most / 5) : seen);
        });
  }
}
