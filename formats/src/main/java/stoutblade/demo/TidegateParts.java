package stoutblade.demo;

import static stoutblade.demo.PartMaking.FIRM;
import static stoutblade.demo.PartMaking.QUARTER;
import static stoutblade.demo.PartMaking.SOFT;
import static stoutblade.demo.PartMaking.STIFF;
import static stoutblade.demo.PartMaking.at;
import static stoutblade.demo.PartMaking.feature;
import static stoutblade.demo.PartMaking.layered;
import static stoutblade.demo.PartMaking.on;
import static stoutblade.demo.PartMaking.plate;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.feature.Feature;
import stoutblade.feature.Where;
import stoutblade.part.Cut;
import stoutblade.part.Follow;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.part.Placing.Faces;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.Sheet;

/** The parts of the Tidegate. */
final class TidegateParts {

  private static final double WIDE = 270;
  private static final double RING_WIDE = 22;
  private static final double SPRING = 420;

  private TidegateParts() {}

  /** A round-topped board with its wave border, a dished face with rays, boss, rim and straps. */
  static List<Part> parts() {
    List<Part> parts = new ArrayList<>();
    Layering boards =
        Layering.of(
                List.of(Sheet.of(FIRM, 5), Sheet.of(FIRM, 6), Sheet.of(FIRM, 5)),
                Profile.FLAT.withRound(4))
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
            new Where.Along(1, 2, 16, 12)),
        feature(8, Feature.Kind.FIXING, STRAP_POST, row(-70, 70, 300, 2)),
        feature(9, Feature.Kind.FIXING, STRAP_POST, row(-45, 45, 470, 2)),
        feature(
            10,
            Feature.Kind.LIGHTENING,
            Map.of("across", 62.0, "web", 11.0, "rim", 40.0, "clear", 14.0),
            at(0, 240, 0)));
  }

  /** What holds a strap to the board between its slots. */
  private static final Map<String, Double> STRAP_POST =
      Map.of("what", 2.0, "across", 5.0, "head", 12.0, "clear", 10.0, "weight", 6.0);

  private static Where row(double from, double to, double y, int count) {
    return new Where.Row(new Point(from, y), new Point(to, y), count);
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
}
