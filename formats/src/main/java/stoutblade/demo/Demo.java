package stoutblade.demo;

import java.io.IOException;
import java.io.InputStream;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.build.FreeHours;
import stoutblade.build.WorkSteps;
import stoutblade.core.CoreChoice;
import stoutblade.edit.PartEdits;
import stoutblade.event.Event;
import stoutblade.finish.Coats;
import stoutblade.formats.Document;
import stoutblade.formats.ModelFile;
import stoutblade.formats.PictureFile;
import stoutblade.journal.Journal;
import stoutblade.part.Cut;
import stoutblade.part.Defaults;
import stoutblade.part.Part;
import stoutblade.part.Slices;
import stoutblade.project.Cutting;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Size;
import stoutblade.reference.Extent;
import stoutblade.reference.Orientation;
import stoutblade.reference.Orientation.View;
import stoutblade.reference.Picture;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.slice.Sliced;
import stoutblade.slice.Slicer;
import stoutblade.slice.Slicing;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.ProfileChange;
import stoutblade.stack.Wish;
import stoutblade.template.Paper;
import stoutblade.wearer.Wearers;

/**
 * The Osiermouth Lantern Walk: the Ferrywarden's Reedcutter, half built, and the Tidegate and the
 * Fog Bell as they are drafted.
 *
 * <p>Pictures and models were made by the studio module; the marks are where a person would click.
 */
public final class Demo {

  private static final String TRIAL_FOAM = "eva-high-density";
  private static final double TRIAL_MM = 156;

  /** The id of the leaf, the first of the Reedcutter's parts. */
  public static final String LEAF = "d7";

  /** The id of the Tidegate. */
  public static final String TIDEGATE = "p2";

  /** The id of the Fog Bell. */
  public static final String BELL = "p3";

  /** The picture of the Ferrywarden with the Reedcutter. */
  public static final String PICTURE = "ferrywarden.jpg";

  /** The same seen from the side and above. */
  public static final String ASLANT = "ferrywarden-aslant.jpg";

  /** The same close by, with her legs out of the picture. */
  public static final String CLOSE = "ferrywarden-close.jpg";

  /** The pageant's figure sheet. */
  public static final String SHEET = "figure-sheet.png";

  /** A paper pattern of a smaller leaf, photographed on a marker sheet. */
  public static final String PATTERN = "leaf-pattern.jpg";

  /** The Reedcutter as a model, in metres. */
  public static final String REEDCUTTER = "reedcutter.obj";

  /** The Fog Bell as a model, in millimetres. */
  public static final String FOG_BELL = "fog-bell.stl";

  private static final int WEEKS_AHEAD = 7;

  private Demo() {}

  /** The Reedcutter's leaf: half its outline in mm, as the studio renders it too. */
  public static HalfOutline leaf() {
    return new HalfOutline(
        List.of(
            Node.corner(17, 0),
            Node.curve(20, 34),
            Node.curve(47, 92),
            Node.corner(76, 122),
            Node.curve(75, 205),
            Node.curve(58, 335),
            Node.curve(29, 470),
            Node.corner(0, 560)));
  }

  /**
   * The leaf as it reads on the picture: it is held nearer the lens than the figure stands, and
   * comes out 2 % long.
   */
  private static HalfOutline traced() {
    return leaf().times(1.021);
  }

  /**
   * The demo as it stands on a day: the event lies about seven weeks ahead and some steps are done.
   *
   * @param now the time it is opened
   */
  public static Document open(LocalDateTime now) throws IOException {
    Map<String, Picture> pictures = new LinkedHashMap<>();
    Map<String, byte[]> files = new LinkedHashMap<>();
    for (String name : List.of(PICTURE, ASLANT, CLOSE, SHEET)) {
      byte[] file = bytes(name);
      Picture picture = PictureFile.look(name, file);
      pictures.put(name, picture);
      files.put(picture.digest(), file);
    }
    ModelFile reedcutter = ModelFile.read(REEDCUTTER, bytes(REEDCUTTER), share -> {});
    ModelFile bell = ModelFile.read(FOG_BELL, bytes(FOG_BELL), share -> {});
    files.put(reedcutter.digest(), reedcutter.file());
    files.put(bell.digest(), bell.file());
    return new Document(project(DemoSize.of(pictures, reedcutter, bell), bell, now), files);
  }

  /** A board with a dished face, boss, rays, rim and straps. */
  private static Prop tidegate(Size size) {
    return beside(TIDEGATE, "Tidegate", size, TidegateParts.parts());
  }

  /** Cone, dome, three rings, yoke and clapper, and a small bell to try the seams on. */
  private static Prop fogBell(Size size, ModelFile model) {
    return beside(BELL, "Fog Bell", size, FogBellParts.parts(trial(model)));
  }

  /** A prop of the same wearer and way. */
  private static Prop beside(String id, String name, Size size, List<Part> parts) {
    return new Prop(
        id,
        name,
        Wearers.FIRST,
        Size.unknown().withPassages(size.passages()),
        new Defaults(leafLayers(), List.of()),
        parts);
  }

  /** The bell's model a quarter as large in layers of 12 mm, with pegs. */
  private static Part trial(ModelFile bell) {
    Extent extent = bell.mesh().extent();
    double high = extent.maxZ() - extent.minZ();
    Slicing slicing = Slicing.square(View.TOP, List.of(12.0), 0, 6, 1000, 1000);
    Sliced sliced = Slicer.of(bell.mesh(), Orientation.Z_UP, TRIAL_MM / high, slicing, share -> {});
    return PartEdits.sliced(
        "d10",
        "Trial bell",
        new Slices.Origin("fog-bell.stl, a quarter as large", "", 0),
        sliced,
        TRIAL_FOAM,
        6);
  }

  private static byte[] bytes(String name) throws IOException {
    try (InputStream in = Demo.class.getResourceAsStream(name)) {
      return in.readAllBytes();
    }
  }

  /** Bevelled along the belly, a diamond towards the point. */
  private static Layering leafLayers() {
    Profile point = Profile.FLAT.with(Profile.Kind.DIAMOND).withEdge(4);
    return Layering.of(2, "eva-stiff", 10, Profile.bevel(22, 4))
        .withChanges(List.of(new ProfileChange(430, 60, point)));
  }

  private static Project project(Size size, ModelFile bell, LocalDateTime now) {
    List<Part> parts = new ArrayList<>(List.of(leafPart()));
    parts.addAll(ReedcutterParts.parts());
    Prop reedcutter =
        new Prop(
            Prop.FIRST,
            "Reedcutter",
            Wearers.FIRST,
            size,
            new Defaults(leafLayers(), leafCoats()),
            parts);
    return new Project(
        "Osiermouth Lantern Walk",
        new Event("Osiermouth Lantern Walk", eventTime(now), Event.USUAL_READY_BEFORE),
        FreeHours.EVENINGS_AND_WEEKENDS,
        Map.of(
            "flexible-primer", 310_000.0,
            "steel-dark", 22_000.0,
            "steel-bright", 60_000.0,
            "wash-dark", 100_000.0,
            "clear-matt", 250_000.0),
        leftovers(),
        Cutting.USUAL,
        Paper.A4,
        journal(now),
        DemoSize.wearers(),
        List.of(reedcutter, tidegate(size), fogBell(size, bell)));
  }

  /** The leaf itself, worked on both faces, with a tube in it. */
  private static Part leafPart() {
    return Part.of(
            LEAF,
            "Reedcutter leaf",
            new Cut(traced(), ReedcutterParts.leafVeins(), true, ""),
            leafLayers())
        .withCore(Optional.of(new CoreChoice("carbon-tube-10", -320, 505, -20)))
        .withCoats(leafCoats());
  }

  private static List<Coats> leafCoats() {
    return List.of(
        new Coats("heat-seal", 1),
        new Coats("flexible-primer", 3),
        new Coats("steel-dark", 2),
        new Coats("steel-bright", 1),
        new Coats("wash-dark", 1),
        new Coats("clear-matt", 2));
  }

  /** SheetMaterial of earlier props that is still there. */
  private static List<Wish.Leftover> leftovers() {
    return List.of(
        new Wish.Leftover("eva-stiff", 10, 210_000), new Wish.Leftover("eva-craft", 2, 118_000));
  }

  private static LocalDateTime eventTime(LocalDateTime now) {
    LocalDate saturday =
        now.toLocalDate().plusWeeks(WEEKS_AHEAD).with(TemporalAdjusters.next(DayOfWeek.SATURDAY));
    return saturday.atTime(LocalTime.of(17, 30));
  }

  private static Journal journal(LocalDateTime now) {
    Journal journal = Journal.EMPTY;
    String leaf = Prop.FIRST + "/" + LEAF + "/";
    String[] steps = {
      WorkSteps.BUY,
      WorkSteps.PRINT,
      WorkSteps.HOLD_UP,
      leaf + "trace",
      leaf + "groove",
      leaf + "cut",
      leaf + "core-fit",
      leaf + "core-bed"
    };
    double[] minutes = {130, 355, 40, 22, 64, 41, 30, 25};
    for (int i = 0; i < steps.length; i++) {
      LocalDateTime at = now.minusDays(steps.length - i).withHour(20).withMinute(40).withNano(0);
      journal = journal.with(new Journal.Done(steps[i], minutes[i], at.withSecond(0)));
    }
    Instant spread = now.atZone(ZoneId.systemDefault()).toInstant().minusSeconds(6 * 60);
    return journal
        .withClock(leaf + "spread", spread)
        .withBuilt(Prop.FIRST + "/" + LEAF, Journal.Built.NOTHING.withLength(571).withWidth(156));
  }
}
