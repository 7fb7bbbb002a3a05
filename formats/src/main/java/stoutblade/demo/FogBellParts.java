package stoutblade.demo;

import static stoutblade.demo.PartMaking.FIRM;
import static stoutblade.demo.PartMaking.SOFT;
import static stoutblade.demo.PartMaking.STIFF;
import static stoutblade.demo.PartMaking.at;
import static stoutblade.demo.PartMaking.feature;
import static stoutblade.demo.PartMaking.layered;
import static stoutblade.demo.PartMaking.on;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.feature.Feature;
import stoutblade.feature.PanelFeature;
import stoutblade.feature.Where;
import stoutblade.part.Formed;
import stoutblade.part.Part;
import stoutblade.part.Piped;
import stoutblade.part.Placing.Faces;
import stoutblade.pipework.Skeletons;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Band;
import stoutblade.stack.Frame;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.Sheet;

/** The parts of the Fog Bell. */
final class FogBellParts {

  private FogBellParts() {}

  /**
   * Cone, dome, three rings, a yoke and a clapper.
   *
   * @param trial a small one, beside it
   */
  static List<Part> parts(Part trial) {
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
    parts.add(trial.withPlacing(on("", 340, 0)));
    parts.add(
        Part.piped("d11", "Hanging yoke", new Piped(Skeletons.yoke(470, 230), "pvc-3-4", 26.67))
            .withPlacing(on("d2", -235, -107).showing(Faces.BACK)));
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
