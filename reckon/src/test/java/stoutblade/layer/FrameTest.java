package stoutblade.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.edit.LayerEdits;
import stoutblade.edit.PartEdits;
import stoutblade.feature.Typeface;
import stoutblade.finding.Finding;
import stoutblade.measure.Units;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Frame;
import stoutblade.template.Stroke;

/** Hollow layers against areas by hand and by another library. */
class FrameTest {

  private static final WholeOutline SQUARE =
      new WholeOutline(
          List.of(
              Node.corner(-100, 0),
              Node.corner(100, 0),
              Node.corner(100, 200),
              Node.corner(-100, 200)));

  private static Project board(Optional<Frame> frame) {
    Project project =
        PartEdits.addPlate("Guard", SQUARE, 10)
            .then(LayerEdits.add("d1", 0))
            .then(LayerEdits.add("d1", 0))
            .in(Prop.FIRST)
            .applyTo(Samples.bare());
    return frame.isEmpty()
        ? project
        : LayerEdits.hollow("d1", frame).in(Prop.FIRST).applyTo(project);
  }

  private static PartReckoning derived(Project project) {
    return First.of(
        new Reckoner(Samples.CATALOGUE, Typeface.NONE).derive(project, Samples.NOW, Units.METRIC));
  }

  /**
   * 160 mm are open inside a rim of 20 mm; three ribs of 10 mm lie in it, at 60 mm from one to the
   * next about the middle: 160 x 130 = 20 800 mm² open. By hand.
   */
  @Test
  void ribs_leave_open_what_is_worked_by_hand() {
    Frame frame = new Frame(Frame.Way.RIBS, 20, 10, 60, 0);
    Layers solid = derived(board(Optional.empty())).layers().orElseThrow();
    PartReckoning reckoned = derived(board(Optional.of(frame)));
    Layers hollow = reckoned.layers().orElseThrow();
    double each = solid.each().get(1).to() - solid.each().get(1).from();

    assertThat(solid.volume().value() - hollow.volume().value())
        .isCloseTo(20_800 * each, within(20.0));
    assertThat(hollow.glued().value()).isCloseTo(2 * 2 * (40_000 - 20_800), within(10.0));
    // What is closed in between two faces is neither sanded nor finished.
    assertThat(hollow.sanded().value()).isCloseTo(solid.sanded().value(), within(1.0));
    assertThat(hollow.surface().value()).isCloseTo(solid.surface().value(), within(1.0));
    double lighter =
        hollow.further().stream()
            .filter(it -> it.id().endsWith(".saved"))
            .findFirst()
            .orElseThrow()
            .value();
    assertThat(lighter).isCloseTo(solid.mass().value() - hollow.mass().value(), within(0.05));
    assertThat(reckoned.templates(Units.METRIC).stream().flatMap(it -> it.strokes().stream()))
        .filteredOn(it -> it.kind() == Stroke.Kind.CUT)
        .hasSizeGreaterThanOrEqualTo(5);
  }

  /** Every hole lies inside the rim, clear of the spine, and as far from the next as it says. */
  @Property(tries = 40)
  void holes_keep_to_their_rim_web_and_spine(
      @ForAll @DoubleRange(min = 8, max = 40) double rim,
      @ForAll @DoubleRange(min = 3, max = 20) double web,
      @ForAll @DoubleRange(min = 8, max = 40) double across,
      @ForAll @DoubleRange(min = 0, max = 50) double spine) {
    Frame frame = new Frame(Frame.Way.HOLES, rim, web, across + web, spine);
    Region face = Region.inside(SQUARE.path(), 0.01);

    List<Geometry> holes = new ArrayList<>();
    for (List<Point> ring : frame.pockets(face).rings()) {
      List<Coordinate> all = new ArrayList<>();
      ring.forEach(it -> all.add(new Coordinate(it.x(), it.y())));
      all.add(all.getFirst());
      holes.add(new GeometryFactory().createPolygon(all.toArray(Coordinate[]::new)));
    }

    for (int i = 0; i < holes.size(); i++) {
      var box = holes.get(i).getEnvelopeInternal();
      assertThat(box.getMinX()).isGreaterThanOrEqualTo(-100 + rim - 0.01);
      assertThat(box.getMaxY()).isLessThanOrEqualTo(200 - rim + 0.01);
      assertThat(
              box.getMaxX() <= -spine / 2 + 0.01 || box.getMinX() >= spine / 2 - 0.01 || spine == 0)
          .isTrue();
      for (int j = 0; j < i; j++) {
        assertThat(holes.get(i).distance(holes.get(j))).isGreaterThanOrEqualTo(web - 0.05);
      }
    }
  }

  @Test
  void a_board_without_layers_between_and_ribs_without_room_are_refused() {
    Project two =
        PartEdits.addPlate("Guard", SQUARE, 10)
            .then(LayerEdits.add("d1", 0))
            .in(Prop.FIRST)
            .applyTo(Samples.bare());
    assertThatThrownBy(
            () -> LayerEdits.hollow("d1", Optional.of(Frame.USUAL)).in(Prop.FIRST).applyTo(two))
        .hasMessageContaining("three layers or more; found 2");
    assertThatThrownBy(() -> new Frame(Frame.Way.RIBS, 20, 30, 32, 0))
        .hasMessageContaining("at least 4 mm are open");
    // A rim that takes all of it leaves it solid.
    assertThat(
            new Frame(Frame.Way.RIBS, 150, 10, 60, 0).pockets(Region.inside(SQUARE.path(), 0.01)))
        .satisfies(it -> assertThat(it.isEmpty()).isTrue());
  }

  /** A prop made ten times as large has a hundred times as many holes: it is said, and mended. */
  @Test
  void too_many_holes_are_not_cut_and_are_made_fewer() {
    Frame dense = new Frame(Frame.Way.HOLES, 5, 1, 5.2, 0);
    Project project =
        PartEdits.addPlate("Board", SQUARE.times(10), 10)
            .then(LayerEdits.add("d1", 0))
            .then(LayerEdits.add("d1", 0))
            .then(LayerEdits.hollow("d1", Optional.of(dense)))
            .in(Prop.FIRST)
            .applyTo(Samples.bare());
    Derived derived = Samples.derive(project);
    assertThat(First.layers(derived).orElseThrow().solid().layers().pockets(1).isEmpty()).isTrue();
    Finding finding =
        derived.findings().stream()
            .filter(it -> it.title().contains("too many holes"))
            .findFirst()
            .orElseThrow();
    Derived mended = Samples.derive(finding.mends().getFirst().in(Prop.FIRST).applyTo(project));
    assertThat(mended.findings()).noneMatch(it -> it.title().contains("too many holes"));
    assertThat(First.layers(mended).orElseThrow().solid().layers().pockets(1).isEmpty()).isFalse();
  }
}
