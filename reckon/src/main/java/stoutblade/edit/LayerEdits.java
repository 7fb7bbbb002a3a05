package stoutblade.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.project.Prop;
import stoutblade.stack.Band;
import stoutblade.stack.Choice;
import stoutblade.stack.Frame;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.ProfileChange;
import stoutblade.stack.Sheet;
import stoutblade.stack.Splits;

/** The edits of layers; each takes the id of the part. */
public final class LayerEdits {

  /** Over how long a stretch a new section is gone over into, in mm. */
  private static final double GOES_OVER_MM = 40;

  private LayerEdits() {}

  /**
   * What was decided about the layers of a part.
   *
   * @throws IllegalArgumentException if there is no such part, or it is bought
   */
  public static Layering of(Prop prop, String id) {
    return prop.needed(id).layering();
  }

  /** Any change of layers. */
  public static PropEdit on(String id, String name, UnaryOperator<Layering> change) {
    return PartEdits.change(id, name, it -> it.withLayering(change.apply(it.layering())));
  }

  // == SHEETS

  private static PropEdit sheets(String id, String name, UnaryOperator<List<Sheet>> change) {
    return on(id, name, it -> it.withSheets(change.apply(new ArrayList<>(it.sheets()))));
  }

  private static int checked(int index, List<Sheet> all) {
    if (index < 0 || index >= all.size()) {
      throw new IllegalArgumentException(
          "There are " + all.size() + " layers; found number " + (index + 1L));
    }
    return index;
  }

  /**
   * One layer, counted from 0 at the back.
   *
   * @throws IllegalArgumentException if there is no such layer
   */
  static Sheet sheet(Prop prop, String id, int index) {
    List<Sheet> all = of(prop, id).sheets();
    return all.get(checked(index, all));
  }

  /** Changes one layer, counted from 0 at the back. */
  public static PropEdit sheet(String id, int index, String name, UnaryOperator<Sheet> change) {
    return sheets(
        id,
        name,
        all -> {
          all.set(checked(index, all), change.apply(all.get(index)));
          return all;
        });
  }

  /** One layer is cut to the part's outline again. */
  public static PropEdit asThePart(String id, int index) {
    return sheet(id, index, "Cut it as the part", it -> it.withOwn(Optional.empty()));
  }

  /** How the pieces of a layer meet that is larger than its sheet. */
  public static PropEdit joint(String id, int index, Splits.Joint joint) {
    return sheet(id, index, "How its pieces meet", it -> it.with(it.splits().with(joint)));
  }

  /**
   * Where a layer is cut apart.
   *
   * @param across places across, in mm
   * @param along places along
   */
  public static PropEdit split(String id, int index, List<Double> across, List<Double> along) {
    return sheet(id, index, "Where it is cut apart", it -> it.with(it.splits().at(across, along)));
  }

  /** A layer is cut apart where it is proposed. */
  public static PropEdit splitAsProposed(String id, int index) {
    return sheet(id, index, "Cut apart as proposed", it -> it.with(it.splits().asProposed()));
  }

  /** Another foam or thickness for one layer. */
  public static PropEdit material(String id, int index, String materialId, double mm) {
    return sheet(id, index, "Choose the foam", it -> it.withMaterial(materialId, mm));
  }

  /** One foam and thickness for all layers. */
  public static PropEdit material(String id, String materialId, double mm) {
    return on(id, "Choose the foam", it -> it.withMaterial(materialId, mm));
  }

  /** Another layer like one that is there, in front of it. */
  public static PropEdit add(String id, int index) {
    return sheets(
        id,
        "Add a layer",
        all -> {
          all.add(checked(index, all) + 1, all.get(index));
          return all;
        });
  }

  /** A thinner sheet more on each face, of the foam that is there. */
  public static PropEdit skin(String id, double mm) {
    return on(id, "A skin of " + Display.length(mm, Units.METRIC) + " on both faces", skinned(mm));
  }

  /** The layers with such a skin. */
  public static UnaryOperator<Layering> skinned(double mm) {
    return layering -> {
      List<Sheet> all = new ArrayList<>(layering.sheets());
      Sheet back = all.getFirst();
      Sheet front = all.getLast();
      all.addFirst(back.withMaterial(back.materialId(), mm));
      all.add(front.withMaterial(front.materialId(), mm));
      return layering.withSheets(all);
    };
  }

  public static PropEdit remove(String id, int index) {
    return sheets(
        id,
        "Take a layer out",
        all -> {
          if (all.size() == 1) {
            throw new IllegalArgumentException("A part has at least one layer");
          }
          all.remove(checked(index, all));
          return all;
        });
  }

  /** Brings a layer one place nearer to the front, or with -1 to the back. */
  public static PropEdit move(String id, int index, int by) {
    return sheets(
        id,
        "Move a layer",
        all -> {
          int to = Math.clamp((long) index + by, 0, all.size() - 1);
          all.add(to, all.remove(checked(index, all)));
          return all;
        });
  }

  private static List<Sheet> outlined(Choice choice, Layering before) {
    List<Sheet> sheets = new ArrayList<>(choice.sheets());
    for (int i = 0; i < sheets.size() && sheets.size() == before.sheets().size(); i++) {
      sheets.set(i, sheets.get(i).withOwn(before.sheets().get(i).own()));
    }
    return sheets;
  }

  /** Takes a stack that was found; as many layers as before keep their outlines. */
  public static PropEdit take(String id, Choice choice, double wantedMm) {
    return on(id, "Take a stack", it -> it.withSheets(outlined(choice, it)).withWanted(wantedMm));
  }

  public static PropEdit wanted(String id, double mm) {
    return on(id, "Thickness wanted", it -> it.withWanted(mm));
  }

  public static PropEdit allowance(String id, double mm) {
    return on(id, "Allowance for sanding", it -> it.withAllowance(mm));
  }

  // == HOLLOW

  /**
   * Hollows the layers between the outer two out, or makes them solid again.
   *
   * @throws IllegalArgumentException where there are none between; the message can be shown
   */
  public static PropEdit hollow(String id, Optional<Frame> frame) {
    return on(
        id,
        frame.isPresent() ? "Hollow layers" : "Solid layers",
        layering -> {
          List<Sheet> sheets = new ArrayList<>(layering.sheets());
          if (sheets.size() < 3) {
            throw new IllegalArgumentException(
                "Hollow is what lies between two faces: three layers or more; found "
                    + sheets.size());
          }
          for (int i = 1; i + 1 < sheets.size(); i++) {
            sheets.set(i, sheets.get(i).withFrame(frame));
          }
          return layering.withSheets(sheets);
        });
  }

  // == BAND

  /** A strip of foam round the edge. */
  public static PropEdit band(String id, String materialId, double mm) {
    return on(id, "Edge band", it -> it.with(Optional.of(new Band(materialId, mm))));
  }

  public static PropEdit noBand(String id) {
    return on(id, "Take the band off", it -> it.with(Optional.empty()));
  }

  // == PROFILE

  /**
   * Changes a section.
   *
   * @param section 0 for the one from the near end on, else the number of those that follow
   */
  public static PropEdit profile(
      String id, int section, String name, UnaryOperator<Profile> change) {
    return on(
        id,
        name,
        it -> {
          if (section == 0) {
            return it.with(change.apply(it.profile()));
          }
          return changed(it, section, own -> own.with(change.apply(own.profile())));
        });
  }

  /** The same of the section from the near end on. */
  public static PropEdit profile(String id, String name, UnaryOperator<Profile> change) {
    return profile(id, 0, name, change);
  }

  private static Layering changed(
      Layering layering, int section, UnaryOperator<ProfileChange> change) {
    List<ProfileChange> all = changes(layering, section);
    all.set(section - 1, change.apply(all.get(section - 1)));
    return layering.withChanges(all);
  }

  /** The sections that follow, to be changed; the number is one of theirs. */
  private static List<ProfileChange> changes(Layering layering, int section) {
    List<ProfileChange> all = new ArrayList<>(layering.changes());
    if (section < 1 || section > all.size()) {
      throw new IllegalArgumentException(
          "There are " + (all.size() + 1) + " sections along; found " + (section + 1));
    }
    return all;
  }

  /** From a place along another section, at first like the one before; where it is in order. */
  public static PropEdit addSection(String id, double fromMm) {
    return on(
        id,
        "Change the section from here",
        it -> {
          List<ProfileChange> all = new ArrayList<>(it.changes());
          int at = sectionAt(it, fromMm);
          Profile before = section(it, at);
          double next = at < all.size() ? all.get(at).fromMm() - fromMm : Double.POSITIVE_INFINITY;
          all.add(at, new ProfileChange(fromMm, Math.min(GOES_OVER_MM, next), before));
          return it.withChanges(all);
        });
  }

  /** A section by its number. */
  public static Profile section(Layering layering, int section) {
    return section == 0 ? layering.profile() : layering.changes().get(section - 1).profile();
  }

  /** Which section is there at a place along, or being gone over into. */
  public static int sectionAt(Layering layering, double mm) {
    return (int) layering.changes().stream().filter(it -> it.fromMm() <= mm).count();
  }

  public static PropEdit sectionFrom(String id, int section, double mm) {
    return on(id, "Where the section changes", it -> changed(it, section, own -> own.withFrom(mm)));
  }

  public static PropEdit sectionOver(String id, int section, double mm) {
    return on(id, "How soon it changes", it -> changed(it, section, own -> own.withOver(mm)));
  }

  public static PropEdit removeSection(String id, int section) {
    return on(
        id,
        "Take a section out",
        it -> {
          List<ProfileChange> all = changes(it, section);
          all.remove(section - 1);
          return it.withChanges(all);
        });
  }

  /** A bevel of a width; 0 leaves the kind of section as it is. */
  public static PropEdit bevel(String id, double mm) {
    return profile(
        id, "Bevel width", it -> it.with(mm > 0 ? Profile.Kind.BEVEL : it.kind()).withWidth(mm));
  }

  public static PropEdit edge(String id, double mm) {
    return profile(id, "Edge thickness", it -> it.withEdge(mm));
  }

  /** Another kind of section; one that has a width starts with one that can be seen. */
  public static PropEdit kind(String id, int section, Profile.Kind kind) {
    return new PropEdit(
        kind.title(),
        (prop, wearer) -> {
          double most = of(prop, id).thicknessMm();
          return profile(id, section, kind.title(), it -> seen(it.with(kind), most))
              .applyTo(prop, wearer);
        });
  }

  private static Profile seen(Profile changed, double thicknessMm) {
    Profile.Kind kind = changed.kind();
    boolean wide = !kind.across() && kind != Profile.Kind.FLAT && changed.widthMm() == 0;
    Profile seen = wide ? changed.withWidth(20) : changed;
    return seen.edgeMm() >= thicknessMm ? seen.withEdge(thicknessMm / 5) : seen;
  }
}
