package stoutblade.demo;

import static stoutblade.demo.PartMaking.FIRM;
import static stoutblade.demo.PartMaking.SOFT;
import static stoutblade.demo.PartMaking.STIFF;
import static stoutblade.demo.PartMaking.at;
import static stoutblade.demo.PartMaking.feature;
import static stoutblade.demo.PartMaking.on;
import static stoutblade.demo.PartMaking.plate;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import stoutblade.feature.Feature;
import stoutblade.feature.Recess;
import stoutblade.feature.Where;
import stoutblade.part.Bought;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.part.Placing.Faces;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Point;

/** What the Reedcutter has beside its leaf. */
final class ReedcutterParts {

  private ReedcutterParts() {}

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
  static List<Part> parts() {
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
            "swell",
            Map.of(
                "former", 33.0, "foam", 2.0, "length", 300.0, "low", 38.0, "lower", 43.0, "middle",
                45.0, "upper", 42.0, "high", 38.0, "way", 0.0),
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
        Part.bought(
                "d11",
                "Spigot of the haft",
                new Bought("Wooden dowel 25.4 mm", "dowel-25-4", 200, 25.4, 0, 0))
            .withPlacing(on("d9", 0, 300).showing(Faces.NONE)),
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
            new Where.Row(new Point(-24, 20), new Point(-62, 28), 1)),
        feature(
            5,
            Feature.Kind.RECESS,
            Map.of(
                "what",
                Recess.What.CORE.number(),
                "long",
                18.0,
                "wide",
                10.5,
                "over",
                4.75,
                "deep",
                10.5),
            at(0, 8.5, 90)));
  }
}
