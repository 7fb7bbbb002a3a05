package stoutblade.demo;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.fit.Carry;
import stoutblade.fit.Passage;
import stoutblade.fit.Pose;
import stoutblade.formats.ModelFile;
import stoutblade.measure.Stated;
import stoutblade.project.Size;
import stoutblade.reference.Camera;
import stoutblade.reference.Mark;
import stoutblade.reference.Measure;
import stoutblade.reference.Model;
import stoutblade.reference.Picture;
import stoutblade.reference.Reference;
import stoutblade.reference.Ruler;
import stoutblade.shape.Point;
import stoutblade.wearer.BodyMeasure;
import stoutblade.wearer.Segment;
import stoutblade.wearer.ShownCharacter;
import stoutblade.wearer.Wearer;
import stoutblade.wearer.Wearers;

/** What is decided about the size of the demo's Reedcutter, with the marks on its pictures. */
final class DemoSize {

  private DemoSize() {}

  /** The Ferrywarden, and who stands in for her. */
  static Wearers wearers() {
    Wearer ferrywarden =
        new Wearer("Ferrywarden", 1740)
            .with(BodyMeasure.HAND_BREADTH, Optional.of(84.0))
            .with(BodyMeasure.GRIP, Optional.of(46.0))
            .withWeightLimit(Optional.of(1800.0));
    return Wearers.of(ferrywarden).with("w2", new Wearer("Understudy", 1620));
  }

  static Size of(Map<String, Picture> pictures, ModelFile reedcutter, ModelFile bell) {
    return Size.unknown()
        .withCharacter(Optional.of(new ShownCharacter("The Ferrywarden of the sheet", 1740)))
        .withReferences(
            List.of(
                onTheQuay(pictures.get(Demo.PICTURE)),
                aslant(pictures.get(Demo.ASLANT)),
                close(pictures.get(Demo.CLOSE)),
                sheet(pictures.get(Demo.SHEET))))
        .withModels(
            List.of(
                reedcutter.model("s1").withRuler(new Model.OwnUnit(1000)).withName("Reedcutter"),
                bell.model("s2")
                    .withRuler(new Model.OwnUnit(1))
                    .withShowsWhole(false)
                    .withName("Fog Bell")))
        .withCarry(
            new Carry(
                Carry.Kind.HANDLE,
                Pose.UPRIGHT,
                2,
                Optional.of(1010.0),
                Optional.of(520.0),
                Optional.of(33.0),
                Optional.empty(),
                Optional.of(955.0),
                Optional.of(30.0)))
        .withPassages(
            List.of(Passage.DOOR, new Passage("Train rack", 400, 500, Optional.of(1500.0))));
  }

  private static Point at(double x, double y) {
    return new Point(x, y);
  }

  private static Mark mark(double x1, double y1, double x2, double y2) {
    return new Mark(at(x1, y1), at(x2, y2));
  }

  private static Ruler figure(String id, Point... line) {
    return Ruler.of(id, "Ferrywarden", new Ruler.FigureHeight(List.of(line)));
  }

  private static Reference onTheQuay(Picture picture) {
    return Reference.of("p1", "On the quay", picture)
        .with(Camera.UNKNOWN.withHeight(Optional.of(new Stated(1300, 50))))
        .withDistance(Optional.of(new Stated(6400, 400)))
        .with(figure("r1", at(519, 253), at(510, 1348)))
        .with(
            Ruler.of(
                "r2",
                "Crate",
                new Ruler.KnownLength(
                    new Stated(600, 2), Optional.empty(), mark(250, 970, 248, 1342))))
        .withWhole(Optional.of(mark(833, 1357, 810, 150)))
        .withCentreLine(Optional.of(mark(817, 510, 810, 150)))
        .with(
            new Measure(
                "m1", "Leaf, widest", Measure.Kind.LENGTH, List.of(at(767, 427), at(864, 428))));
  }

  /** Seen from the side: the crate's front is a known rectangle; she stands in its plane. */
  private static Reference aslant(Picture picture) {
    return Reference.of("p2", "From the side", picture)
        .with(
            Ruler.of(
                "r1",
                "Crate's front",
                new Ruler.SeenRectangle(
                    new Stated(360, 2),
                    new Stated(600, 2),
                    List.of(at(316, 717), at(412.5, 732), at(418.5, 921), at(324.5, 900.5)))))
        .with(figure("r2", at(527, 345.5), at(536.5, 947)))
        .withMarkingPx(0.7)
        .withWhole(Optional.of(mark(690.5, 985.5, 672.5, 285.5)));
  }

  /** Her legs are out of the picture: what shows is a forearm, shoulders and the eyes' height. */
  private static Reference close(Picture picture) {
    return Reference.of("p3", "Close by", picture)
        .with(Camera.UNKNOWN.with(Camera.Kind.PHOTO))
        .with(
            Ruler.of(
                "r1",
                Segment.SHOULDER_WIDTH.label(),
                new Ruler.BodySegment(Segment.SHOULDER_WIDTH, SHOULDERS)))
        .with(new Measure("m1", "Leaf, widest", Measure.Kind.LENGTH, CLOSE_LEAF.points()));
  }

  private static final Mark SHOULDERS = mark(272, 480, 610, 481);
  private static final Mark CLOSE_LEAF = mark(744, 454, 861, 454);

  /** Printed at a ratio that stands on it. */
  private static Reference sheet(Picture picture) {
    return Reference.of("p4", "Figure sheet", picture)
        .with(Camera.FLAT)
        .withMarkingPx(1)
        .with(
            Ruler.of(
                "r1",
                "Print, 1 to 10",
                new Ruler.PrintRatio(10, new Stated(50, 0.2), mark(124.8, 1175.2, 384.8, 1175.2))))
        .with(figure("r2", at(270, 218.5), at(271, 1123)))
        .withWhole(Optional.of(mark(1362.5, 1123, 1362.5, 135)));
  }
}
