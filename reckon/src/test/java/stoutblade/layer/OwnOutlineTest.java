package stoutblade.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.feature.Blank;
import stoutblade.feature.Feature;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Typeface;
import stoutblade.feature.Where;
import stoutblade.project.Samples;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.Sheet;

/** Layers with an outline of their own, against sums by hand. */
class OwnOutlineTest {

  private static final WholeOutline BOARD = box(-50, 0, 50, 300);

  private static WholeOutline box(double minX, double minY, double maxX, double maxY) {
    return new WholeOutline(
        List.of(
            Node.corner(minX, minY),
            Node.corner(maxX, minY),
            Node.corner(maxX, maxY),
            Node.corner(minX, maxY)));
  }

  /** The board with ten teeth, 20 mm high and 30 mm long, along its right side. */
  private static WholeOutline saw() {
    List<Node> nodes = new ArrayList<>(List.of(Node.corner(-50, 0), Node.corner(50, 0)));
    for (int i = 0; i < 10; i++) {
      nodes.add(Node.corner(70, 30 * i + 15));
      nodes.add(Node.corner(50, 30 * i + 30));
    }
    nodes.add(Node.corner(-50, 300));
    return new WholeOutline(nodes);
  }

  private static Solid solid(Profile profile, List<Sheet> sheets) {
    PlateForm form = PlateForm.of(new Blank("d1", "Saw", BOARD, List.of(), 10), Typeface.NONE);
    return Solid.of(form, Layering.of(sheets, profile));
  }

  private static List<Sheet> four(Outline middle) {
    List<Sheet> all = new ArrayList<>(Collections.nCopies(4, Sheet.of("foam", 5)));
    all.set(1, all.get(1).withOwn(Optional.of(middle)));
    all.set(2, all.get(2).withOwn(Optional.of(middle)));
    return all;
  }

  /**
   * Teeth in the two middle sheets of four: ten triangles of ½·30·20 mm², 10 mm thick; their first
   * moments about the base lie at 30i + 15.
   */
  @Test
  void teeth_in_the_two_middle_sheets_of_four() {
    Solid solid = solid(Profile.FLAT, four(saw()));
    double board = 100 * 300 * 20;
    double tooth = 0.5 * 30 * 20 * 10;

    assertThat(solid.volume()).isCloseTo(board + 10 * tooth, within(1.0));
    assertThat(solid.moment().y()).isCloseTo((board + 10 * tooth) * 150, within(200.0));
    assertThat(solid.sectionArea(15)).isCloseTo(100 * 20 + 20 * 10, within(0.1));
    assertThat(solid.sectionArea(30)).isCloseTo(100 * 20, within(0.1));
    assertThat(solid.layers().widest(0).area()).isCloseTo(30_000, within(0.1));
    assertThat(solid.layers().widest(1).area()).isCloseTo(33_000, within(0.1));
    assertThat(solid.layers().joined(1).area()).isCloseTo(30_000, within(0.1));
    assertThat(solid.layers().joined(2).area())
        .as("tooth upon tooth")
        .isCloseTo(33_000, within(0.1));
    assertThat(solid.outermost().box().maxX()).isEqualTo(70);
    // Faces and sides of the teeth are bare; the board's own edge behind them is not.
    double slants = 10 * 2 * Math.hypot(20, 15) - 300;
    double plain = solid(Profile.FLAT, Collections.nCopies(4, Sheet.of("foam", 5))).surface();
    assertThat(solid.surface() - plain).isCloseTo(2 * 3000 + slants * 10, within(1.0));
    List<Solid.Cut> cuts = solid.sectionAt(15, 1);
    assertThat(cuts).hasSize(4);
    assertThat(cuts.get(1).front().getLast().x()).isCloseTo(70, within(0.01));
    assertThat(cuts.get(1).back().getLast().y()).isEqualTo(-5);
    assertThat(cuts.get(2).front().getLast().y()).isEqualTo(5);
  }

  /** The bevel works the board; the teeth stay as thick as they are cut. */
  @Test
  void a_bevel_leaves_what_stands_out_as_it_is() {
    Solid plain = solid(Profile.bevel(20, 10), Collections.nCopies(4, Sheet.of("foam", 5)));
    Solid teeth = solid(Profile.bevel(20, 10), four(saw()));

    assertThat(teeth.volume() - plain.volume()).isCloseTo(30_000, within(30.0));
    assertThat(teeth.sanded()).isCloseTo(plain.sanded(), within(30.0));
  }

  /** A slot in the two middle sheets leaves no room for a core. */
  @Test
  void where_middle_layers_are_missing_there_is_no_room() {
    Solid narrow = solid(Profile.FLAT, four(box(-20, 0, 20, 300)));

    assertThat(narrow.halfThicknessAt(new Point(0, 100))).isEqualTo(10);
    assertThat(narrow.halfThicknessAt(new Point(30, 100))).isZero();
    assertThat(narrow.fullWithin(new Point(0, 100), 15)).isTrue();
    assertThat(narrow.fullWithin(new Point(0, 100), 25)).isFalse();
    assertThat(narrow.volume()).isCloseTo(100 * 300 * 10 + 40 * 300 * 10, within(1.0));
  }

  /** What is seen from the front: teeth as high as the sheet that they are cut in. */
  @Test
  void the_finished_front_steps_down_where_front_layers_are_missing() {
    Solid saw = solid(Profile.FLAT, four(saw()));
    assertThat(saw.finishedAt(new Point(0, 100))).isEqualTo(20);
    assertThat(saw.finishedAt(new Point(60, 15))).as("on a tooth").isEqualTo(15);
    assertThat(saw.finishedAt(new Point(60, 30))).as("between two").isNaN();

    List<Sheet> stepped = new ArrayList<>(Collections.nCopies(2, Sheet.of("foam", 5)));
    stepped.set(1, stepped.get(1).withOwn(Optional.of(box(-20, 0, 20, 300))));
    Solid step = solid(Profile.FLAT, stepped);
    assertThat(step.finishedAt(new Point(0, 100))).isEqualTo(10);
    assertThat(step.finishedAt(new Point(40, 100))).isEqualTo(5);
  }

  /** Boxes upon one another: their volume and weight add up layer by layer, whatever they are. */
  @Property(tries = 60)
  void boxes_of_any_size_add_up(
      @ForAll @DoubleRange(min = -80, max = 10) double left,
      @ForAll @DoubleRange(min = 20, max = 120) double right,
      @ForAll @DoubleRange(min = -60, max = 100) double near,
      @ForAll @DoubleRange(min = 120, max = 400) double far) {
    List<Sheet> sheets = new ArrayList<>(List.of(Sheet.of("foam", 5), Sheet.of("mat", 12.5)));
    sheets.set(1, sheets.get(1).withOwn(Optional.of(box(left, near, right, far))));
    PlateForm form = PlateForm.of(new Blank("d1", "Step", BOARD, List.of(), 10), Typeface.NONE);
    Layers layers =
        Layers.of(form, Layering.of(sheets, Profile.FLAT), OwnOutlineTest::foam).orElseThrow();
    double own = (right - left) * (far - near);
    Envelope both =
        new Envelope(-50, 50, 0, 300).intersection(new Envelope(left, right, near, far));

    assertThat(layers.volume().value())
        .isCloseTo(30_000 * 5 + own * 12.5, within(1e-6 * own * 12.5 + 1));
    assertThat(layers.mass().value())
        .isCloseTo(30_000 * 5 * 150e-6 + own * 12.5 * 100e-6, within(0.01));
    assertThat(layers.glued().value()).isCloseTo(2 * both.getArea(), within(1.0));
    assertThat(layers.each().get(1).cut().area()).isCloseTo(own, within(0.1));
  }

  private static Optional<SheetMaterial> foam(String id) {
    return stoutblade.project.Samples.CATALOGUE.sheet(id);
  }

  /** Ten pointed teeth, 30 by 20 mm, in the two middle layers of four: 300 mm² each. */
  @Test
  void teeth_may_be_in_the_inner_layers_alone() {
    Feature teeth =
        new Feature(
            "f1",
            Feature.Kind.TEETH,
            Map.of("wide", 30.0, "deep", 20.0, "in", 1.0),
            "",
            new Where.Along(1, 1, 0, 10));
    PlateForm form = PlateForm.of(new Blank("d1", "Saw", BOARD, List.of(teeth), 10), Typeface.NONE);
    Layers layers =
        Samples.layers(
            form, Layering.of(Collections.nCopies(4, Sheet.of("foam", 5)), Profile.FLAT));

    assertThat(form.face().area()).isCloseTo(100 * 300, within(0.01));
    assertThat(layers.each())
        .extracting(it -> Math.round(it.cut().area()))
        .containsExactly(30_000L, 33_000L, 33_000L, 30_000L);
    assertThat(layers.volume().value()).isCloseTo(100 * 300 * 20 + 2 * 5 * 3000, within(1.0));
    assertThat(layers.onePiece()).isFalse();
  }

  @Test
  void of_one_layer_all_have_them() {
    Feature teeth =
        new Feature(
            "f1",
            Feature.Kind.NOTCH,
            Map.of("wide", 30.0, "deep", 20.0, "in", 1.0),
            "",
            new Where.Along(1, 1, 0, 10));
    PlateForm form = PlateForm.of(new Blank("d1", "Saw", BOARD, List.of(teeth), 10), Typeface.NONE);
    Layers layers = Samples.layers(form, Layering.of(List.of(Sheet.of("foam", 5)), Profile.FLAT));

    assertThat(layers.each().getFirst().cut().area()).isCloseTo(30_000 - 3000, within(0.1));
  }
}
