package stoutblade.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.feature.Feature;
import stoutblade.feature.PanelFeature;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.part.Bought;
import stoutblade.part.Cut;
import stoutblade.part.Follow;
import stoutblade.part.Formed;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.part.Placing.Faces;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Band;
import stoutblade.stack.Frame;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.Sheet;

/** The parts of the three props of the pageant. */
final class DemoParts {

  private static final String STIFF = "eva-stiff";
  private static final String FIRM = "eva-high-density";
  private static final String SOFT = "eva-craft";

  /** The arc of a quarter circle from node to node. */
  private static final double QUARTER = Math.tan(Math.PI / 8);

  private DemoParts() {}

  private static Placing on(String carrier, double x, double y) {
    return Placing.USUAL.on(carrier).at(Where.At.of(x, y));
  }

  private static Part plate(
      String id,
      String name,
      Outline outline,
      List<Feature> features,
      String materialId,
      double thicknessMm,
      Placing placing) {
    return Part.of(id, name, new Cut(outline, features), materialId, thicknessMm)
        .withPlacing(placing);
  }

  private static Part layered(
      String id,
      String name,
      Outline outline,
      List<Feature> features,
      Layering stack,
      Placing placing) {
    return Part.of(id, name, new Cut(outline, features), stack).withPlacing(placing);
  }

  private static Feature feature(
      int number, Feature.Kind kind, Map<String, Double> sizes, Where where) {
    return new Feature("f" + number, kind, sizes, "", where);
  }

  private static Where at(double x, double y, double degrees) {
    return new Where.At(new Spot(new Point(x, y), Math.toRadians(degrees)));
  }

  // == THE REEDCUTTER

  /** A raised midrib on the leaf, and engraved veins that run out from it. */
  static List<Feature> leafVeins() {
    List<Feature> veins = new ArrayList<>();
    veins.add(
        feature(
            1,
            Feature.Kind.FULLER,
            Map.of("wide", 14.0, "deep", 2.0, "way", 1.0),
            new Where.Row(new Point(0, 60), new Point(0, 470), 1)));
    double[][] ends = {{105, 51, 150}, {185, 52, 245}, {265, 46, 330}, {345, 33, 410}};
    for (double[] end : ends) {
      for (int side = -1; side <= 1; side += 2) {
        Where row =
            new Where.Row(new Point(side * 11, end[0]), new Point(side * end[1], end[2]), 1);
        veins.add(
            feature(
                veins.size() + 1, Feature.Kind.LINE, Map.of("wide", 2.0, "sag", side * 5.0), row));
      }
    }
    return veins;
  }

  /** Collar, lugs, a haft in two, its grip and its butt, below the leaf. */
  static List<Part> reedcutter() {
    return List.of(
        Part.formed(
            "d1",
            "Collar",
            "ring",
            Map.of("known", 0.0, "across", 33.0, "foam", 10.0, "width", 40.0),
            STIFF,
            on(Demo.LEAF, 0, -18)),
        Part.formed(
            "d2",
            "Grip",
            "wraps",
            Map.of("former", 33.0, "foam", 2.0, "turns", 3.0, "width", 300.0, "step", 20.0),
            SOFT,
            on("d5", 0, -60)),
        Part.formed(
            "d3",
            "Butt",
            "cone",
            Map.of(
                "foot", 64.0, "top", 38.0, "height", 70.0, "foam", 6.0, "slant", 0.0, "pieces",
                1.0),
            FIRM,
            on("d6", 0, -335)),
        plate("d4", "Cross lugs", lugs(), lugFeatures(), STIFF, 20, on("d1", 0, -42)),
        Part.formed(
            "d5",
            "Upper haft",
            "strip",
            Map.of("former", 33.0, "foam", 2.0, "wide", 40.0, "overlap", 4.0, "covered", 585.0),
            SOFT,
            on("d1", 0, -355)),
        Part.formed(
            "d6",
            "Lower haft",
            "strip",
            Map.of("former", 33.0, "foam", 2.0, "wide", 40.0, "overlap", 4.0, "covered", 600.0),
            SOFT,
            on("d5", 0, -600)),
        pipe("d8", "Upper pipe", 585, on("d5", 0, 0)),
        pipe("d9", "Lower pipe", 600, on("d6", 0, 0)),
        Part.formed(
            "d10",
            "Lamp lug",
            "cope",
            Map.of(
                "outside",
                24.0,
                "foam",
                2.0,
                "on",
                37.0,
                "angle",
                Math.toRadians(70),
                "length",
                60.0),
            SOFT,
            on("d5", 0, 240)));
  }

  /** What the haft is wrapped round: it is bought, and weighs more than all foam. */
  private static Part pipe(String id, String name, double lengthMm, Placing placing) {
    return Part.bought(
            id, name, new Bought("PVC pipe 1 in, Schedule 40", "pvc-1", lengthMm, 33.4, 0, 0))
        .withPlacing(placing.showing(Faces.NONE));
  }

  private static HalfOutline lugs() {
    return new HalfOutline(
        List.of(
            Node.corner(0, 0),
            Node.corner(22, 0),
            Node.curve(52, 12),
            new Node(new Point(84, 34), Node.Kind.ROUND, 3, 0),
            Node.curve(56, 40),
            Node.corner(24, 44),
            Node.corner(0, 44)));
  }

  private static List<Feature> lugFeatures() {
    return List.of(
        feature(1, Feature.Kind.HOLE, Map.of("across", 10.0), at(0, 22, 0)),
        feature(
            2, Feature.Kind.BEVEL, Map.of("wide", 9.0, "edge", 6.0), new Where.Along(1, 4, 0, 1)),
        feature(
            3,
            Feature.Kind.LINE,
            Map.of("sag", -4.0),
            new Where.Row(new Point(24, 20), new Point(62, 28), 1)),
        feature(
            4,
            Feature.Kind.LINE,
            Map.of("sag", 4.0),
            new Where.Row(new Point(-24, 20), new Point(-62, 28), 1)));
  }

  // == THE TIDEGATE

  private static final double WIDE = 270;
  private static final double RING_WIDE = 22;
  private static final double SPRING = 420;

  /** A round-topped board with its wave border, a dished face with rays, boss, rim and straps. */
  static List<Part> tidegate() {
    List<Part> parts = new ArrayList<>();
    Layering boards =
        Layering.of(List.of(Sheet.of(FIRM, 6), Sheet.of(FIRM, 10)), Profile.FLAT.withRound(4))
            .withWanted(16);
    Part board = layered("d1", "Board", board(), boardFeatures(), boards, Placing.USUAL);
    parts.add(board);
    parts.add(
        Part.formed(
            "d2",
            "Dished face",
            "profile",
            Map.of(
                "rim",
                400.0,
                "middle",
                62.0,
                "inner",
                55.0,
                "outer",
                33.0,
                "foam",
                6.0,
                "way",
                0.0,
                "darts",
                16.0,
                "segments",
                4.0,
                "ring",
                18.0,
                "stiff",
                20.0),
            STIFF,
            on("d1", 0, SPRING - 20).facing(true)));
    parts.add(
        Part.formed(
            "d3",
            "Boss",
            "dome",
            Map.of("rim", 120.0, "depth", 46.0, "foam", 5.0, "gores", 8.0),
            FIRM,
            on("d2", 0, 0).facing(true)));
    parts.add(
        plate(
            "d4",
            "Ray",
            ray(),
            List.of(
                feature(
                    1,
                    Feature.Kind.BEVEL,
                    Map.of("wide", 7.0, "edge", 1.5),
                    new Where.Along(1, 2, 0, 1))),
            SOFT,
            5,
            Placing.USUAL.on("d2").at(new Where.Ring(new Point(0, 0), 72, 16, 0))));
    double round =
        Path.through(board.cut().orElseThrow().outline().outline().flattened(0.01), false)
            .length(0.01);
    parts.add(
        Part.formed(
            "d5",
            "Padded rim",
            "band",
            Map.of("round", Math.rint(round * 10) / 10, "foam", 12.0, "width", 30.0),
            FIRM,
            on("d1", 0, 0).showing(Faces.BOTH)));
    parts.add(strap("d6", "Arm strap", 250, 300));
    parts.add(strap("d7", "Hand strap", 200, 470));
    parts.add(edgeRing(board));
    return parts;
  }

  /** A raised edge on the board, which follows the board's outline. */
  private static Part edgeRing(Part board) {
    Follow follow = Follow.on(board.id()).withInside(Optional.of(-RING_WIDE));
    Outline leader = board.cut().orElseThrow().outline();
    return Part.of("d8", "Edge ring", new Cut(leader).following(follow, new Cut(leader)), STIFF, 5)
        .withPlacing(on("d1", 0, 0));
  }

  private static HalfOutline board() {
    return new HalfOutline(
        List.of(
            Node.corner(0, 0),
            Node.corner(190, 0),
            new Node(new Point(WIDE, SPRING), Node.Kind.CORNER, 0, QUARTER),
            Node.corner(0, SPRING + WIDE)));
  }

  private static List<Feature> boardFeatures() {
    return List.of(
        feature(
            1,
            Feature.Kind.ORNAMENT,
            Map.of("shape", 2.0, "wide", 44.0, "high", 30.0, "way", 2.0),
            new Where.Along(1, 2, 42, 17)),
        new Feature(
            "f2", Feature.Kind.LETTERS, Map.of("high", 26.0, "way", 0.0), "TIDEGATE", at(0, 62, 0)),
        feature(3, Feature.Kind.SLOT, Map.of("long", 44.0, "wide", 7.0), at(-105, 300, 90)),
        feature(4, Feature.Kind.SLOT, Map.of("long", 44.0, "wide", 7.0), at(105, 300, 90)),
        feature(5, Feature.Kind.SLOT, Map.of("long", 44.0, "wide", 7.0), at(-80, 470, 90)),
        feature(6, Feature.Kind.SLOT, Map.of("long", 44.0, "wide", 7.0), at(80, 470, 90)),
        feature(
            7,
            Feature.Kind.RIVET,
            Map.of("across", 14.0, "high", 7.0),
            new Where.Along(1, 2, 16, 12)));
  }

  private static HalfOutline ray() {
    return new HalfOutline(
        List.of(
            Node.corner(0, 0), Node.corner(10, 0), Node.corner(13, 30), Node.round(0, 112, 1.5)));
  }

  private static Part strap(String id, String name, double length, double along) {
    double half = length / 2;
    WholeOutline outline =
        new WholeOutline(
            List.of(
                Node.corner(-half, -19),
                new Node(new Point(half, -19), Node.Kind.CORNER, 0, 1),
                Node.corner(half, 19),
                new Node(new Point(-half, 19), Node.Kind.CORNER, 0, 1)));
    List<Feature> stitches =
        List.of(
            feature(
                1,
                Feature.Kind.HOLE,
                Map.of("across", 3.0),
                new Where.Row(new Point(-half + 6, 0), new Point(half - 6, 0), 6)));
    return plate(id, name, outline, stitches, FIRM, 5, on("d1", 0, along).showing(Faces.BACK));
  }

  // == THE FOG BELL

  /**
   * Cone, dome, three rings, a yoke and a clapper.
   *
   * @param trial a small one, beside it
   */
  static List<Part> fogBell(Part trial) {
    List<Part> parts = new ArrayList<>();
    parts.add(
        Part.formed(
            "d1",
            "Bell",
            "cone",
            Map.of(
                "foot", 420.0, "top", 240.0, "height", 330.0, "foam", 10.0, "slant", 0.0, "pieces",
                2.0),
            FIRM,
            on("", 0, 165)));
    parts.add(
        Part.formed(
            "d2",
            "Dome",
            "dome",
            Map.of("rim", 240.0, "depth", 88.0, "foam", 10.0, "gores", 10.0),
            FIRM,
            on("d1", 0, 165 + 44)));
    parts.add(lettered(ring("d3", "Lip ring", 414, 34, -146)));
    parts.add(ring("d4", "Middle ring", 318, 20, 24));
    parts.add(ring("d5", "Shoulder ring", 248, 24, 150));
    parts.add(
        layered("d6", "Yoke cheek", yoke(), yokeFeatures(), cheek(), on("d2", 0, 38).made(2, 1)));
    parts.add(
        Part.formed(
            "d7",
            "Clapper rod",
            "wraps",
            Map.of("former", 22.0, "foam", 3.0, "turns", 2.0, "width", 260.0, "step", 0.0),
            SOFT,
            on("d1", 0, -50).showing(Faces.BACK)));
    parts.add(
        Part.formed(
            "d8",
            "Clapper, half of it",
            "dome",
            Map.of("rim", 110.0, "depth", 55.0, "foam", 6.0, "gores", 8.0),
            STIFF,
            on("d7", 0, -155).facing(true).made(2, 0).showing(Faces.BACK)));
    parts.add(
        layered(
            "d9",
            "Clapper light",
            WholeOutline.circle(new Point(0, 0), 62),
            lightFeatures(),
            Layering.of(3, FIRM, 10, Profile.FLAT.withRound(5))
                .with(Optional.of(new Band(FIRM, 2))),
            on("d7", 0, -240)));
    parts.add(trial.withPlacing(on("", 320, 0)));
    return parts;
  }

  /** A soft middle between two skins, lightened under both and rounded over. */
  private static Layering cheek() {
    Frame holes = new Frame(Frame.Way.HOLES, 8, 6, 24, 0);
    Sheet middle = Sheet.of(FIRM, 8).withFrame(Optional.of(holes));
    return Layering.of(
            List.of(Sheet.of(STIFF, 6), middle, Sheet.of(STIFF, 6)),
            Profile.FLAT.with(Profile.Kind.ROUND).withWidth(10).withEdge(8))
        .withWanted(20);
  }

  /** A battery behind a hatch, a wire, and the light that it feeds. */
  private static List<Feature> lightFeatures() {
    return List.of(
        feature(
            1,
            Feature.Kind.RECESS,
            Map.of("what", 2.0, "long", 52.0, "wide", 28.0, "deep", 16.0, "over", 7.0),
            at(0, -14, 0)),
        feature(
            2,
            Feature.Kind.RECESS,
            Map.of("what", 3.0, "long", 24.0, "deep", 12.0, "over", 18.0),
            at(0, 34, 0)),
        feature(
            3,
            Feature.Kind.RECESS,
            Map.of("what", 4.0, "long", 30.0, "wide", 5.0, "deep", 5.0, "over", 15.0),
            at(0, 14, 90)),
        feature(
            4,
            Feature.Kind.RECESS,
            Map.of("what", 6.0, "long", 56.0, "wide", 32.0, "deep", 7.0, "over", 0.0, "lip", 6.0),
            at(0, -14, 0)));
  }

  /** The walk's name three times round it. */
  private static Part lettered(Part ring) {
    Feature words =
        new Feature(
            "f1",
            Feature.Kind.LETTERS,
            Map.of("high", 14.0, "way", 0.0),
            "OSIERMOUTH WALK",
            new Where.Row(new Point(222, 17), new Point(1110, 17), 3));
    Formed formed = ring.formed().orElseThrow();
    return ring.withShape(formed.withWorked(List.of(new PanelFeature(0, words))));
  }

  private static Part ring(String id, String name, double across, double width, double y) {
    return Part.formed(
        id,
        name,
        "ring",
        Map.of("known", 0.0, "across", across, "foam", 10.0, "width", width),
        FIRM,
        on("d1", 0, y));
  }

  private static Outline yoke() {
    return new HalfOutline(
        List.of(
            Node.corner(0, 0),
            Node.corner(60, 0),
            Node.round(72, 40, 12),
            Node.curve(150, 66),
            Node.curve(250, 58),
            new Node(new Point(330, 70), Node.Kind.CORNER, 0, 1),
            Node.corner(330, 110),
            Node.curve(240, 104),
            Node.curve(130, 118),
            Node.corner(0, 128)));
  }

  private static List<Feature> yokeFeatures() {
    return List.of(
        feature(
            1,
            Feature.Kind.HOLE,
            Map.of("across", 12.0),
            new Where.Ring(new Point(0, 62), 30, 6, 0)),
        feature(2, Feature.Kind.HOLE, Map.of("across", 26.0), at(0, 62, 0)),
        feature(
            3,
            Feature.Kind.RIVET,
            Map.of("across", 16.0, "high", 8.0),
            new Where.Row(new Point(110, 92), new Point(300, 88), 5)),
        feature(
            4,
            Feature.Kind.RIVET,
            Map.of("across", 16.0, "high", 8.0),
            new Where.Row(new Point(-300, 88), new Point(-110, 92), 5)),
        feature(
            5,
            Feature.Kind.DAMAGE,
            Map.of("wide", 11.0, "deep", 3.0, "throw", 4.0),
            new Where.Along(2, 3, 0, 6)));
  }
}
