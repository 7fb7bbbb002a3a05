package stoutblade.nest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.template.Label;
import stoutblade.template.Paper;
import stoutblade.template.Stroke;
import stoutblade.template.Template;
import stoutblade.template.Tiling;

/** Templates on pages that they share, checked by another library's geometry (JTS). */
class SharedPaperTest {

  private static final GeometryFactory SHAPES = new GeometryFactory();

  private static Template template(String id, Path... outlines) {
    List<Stroke> strokes = new ArrayList<>();
    List<Label> labels = new ArrayList<>();
    List<Template.Copy> copies = new ArrayList<>();
    for (Path it : outlines) {
      Box box = Box.around(it.extremes());
      strokes.add(new Stroke(Stroke.Kind.CUT, it));
      Point low = new Point(box.centre().x(), box.minY() + 5);
      Point top = new Point(box.centre().x(), box.maxY() - 5);
      strokes.add(new Stroke(Stroke.Kind.CENTRE, Path.line(low, top)));
      labels.add(new Label(id, box.centre(), 3, false));
      copies.add(new Template.Copy(id, false));
    }
    return new Template(id, id, copies, strokes, labels);
  }

  private static Path box(double x, double y, double wide, double high) {
    return Path.through(new Box(x, y, x + wide, y + high).corners(), true);
  }

  private static List<Template> random(long seed) {
    Random random = new Random(seed);
    List<Template> all = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      double wide = 30 + 120 * random.nextDouble();
      double high = 30 + 120 * random.nextDouble();
      all.add(
          template(
              "t" + i,
              box(500 * random.nextDouble(), -200, wide, high),
              WholeOutline.circle(new Point(900, 40), 20 + 30 * random.nextDouble()).path()));
    }
    all.add(template("guard", box(0, 0, 240, 90)));
    all.add(template("board", box(0, 0, 380, 500)));
    return all;
  }

  private static Geometry geometry(Path path) {
    Coordinate[] all =
        path.flattened(0.01).stream()
            .map(it -> new Coordinate(it.x(), it.y()))
            .toArray(Coordinate[]::new);
    return SHAPES.createPolygon(all);
  }

  @ParameterizedTest
  @EnumSource(Paper.class)
  void they_take_fewer_pages_and_nothing_is_lost(Paper paper) {
    List<Template> templates = random(paper.ordinalInSheets());
    SharedPaper shared = SharedPaper.of(templates, paper, Checked.after(60));
    assertThat(shared.left()).isEmpty();
    assertThat(shared.alone())
        .isEqualTo(templates.stream().mapToLong(it -> Tiling.pages(it, paper)).sum());
    assertThat((long) shared.tiling().tiles().size()).isLessThan(shared.alone());

    Template all = shared.template();
    List<Stroke> before = templates.stream().flatMap(it -> it.strokes().stream()).toList();
    assertThat(all.strokes()).hasSameSizeAs(before);
    assertThat(sum(all.strokes())).isCloseTo(sum(before), within(1e-6));
    assertThat(all.copies()).hasSize(templates.stream().mapToInt(it -> it.copies().size()).sum());
    assertThat(all.labels())
        .hasSameSizeAs(templates.stream().flatMap(it -> it.labels().stream()).toList());

    // All pages together hold every cut line, and no two pieces lie over one another.
    Geometry paperArea =
        shared.tiling().tiles().stream()
            .map(
                it ->
                    geometry(
                        box(
                            it.window().minX(),
                            it.window().minY(),
                            it.window().width(),
                            it.window().height())))
            .reduce(Geometry::union)
            .orElseThrow();
    List<Geometry> pieces =
        all.strokes().stream()
            .filter(it -> it.kind() == Stroke.Kind.CUT)
            .map(it -> geometry(it.path()))
            .toList();
    for (int i = 0; i < pieces.size(); i++) {
      assertThat(pieces.get(i).difference(paperArea).getArea()).isLessThan(1e-6);
      for (int k = 0; k < i; k++) {
        assertThat(pieces.get(i).distance(pieces.get(k))).isGreaterThan(2);
      }
    }
  }

  private static double sum(List<Stroke> strokes) {
    return strokes.stream().mapToDouble(it -> it.path().length(0.01)).sum();
  }

  /** What fits on a page lies on one: no join runs through it. */
  @Test
  void what_fits_on_a_page_is_not_cut_by_a_join() {
    SharedPaper shared = SharedPaper.of(random(9), Paper.A4, Checked.after(60));
    for (Stroke it : shared.template().strokes()) {
      Box box = Box.around(it.path().extremes());
      boolean small =
          Math.min(box.width(), box.height()) < 180 && Math.max(box.width(), box.height()) < 250;
      if (it.kind() == Stroke.Kind.CUT && small) {
        assertThat(shared.tiling().tiles())
            .anyMatch(
                tile ->
                    tile.window().grown(1e-6).contains(new Point(box.minX(), box.minY()))
                        && tile.window().grown(1e-6).contains(new Point(box.maxX(), box.maxY())));
      }
    }
  }

  /** Words that were turned with their piece still stand at its middle. */
  @Test
  void words_go_with_their_piece() {
    SharedPaper shared = SharedPaper.of(random(3), Paper.LETTER, Checked.after(60));
    for (Label it : shared.template().labels()) {
      assertThat(shared.template().strokes())
          .filteredOn(own -> own.kind() == Stroke.Kind.CUT)
          .anyMatch(own -> Box.around(own.path().extremes()).centre().distance(it.at()) < 1e-6);
    }
  }

  @Test
  void what_is_too_large_is_said_and_nothing_at_all_is_refused() {
    Template wall = template("wall", box(0, 0, 3000, 2000));
    Template disc = template("disc", WholeOutline.circle(new Point(0, 0), 40).path());
    SharedPaper shared = SharedPaper.of(List.of(wall, disc), Paper.A4, () -> true);
    assertThat(shared.left()).containsExactly(wall);
    assertThat(shared.tiling().tiles()).hasSize(1);
    assertThatThrownBy(() -> SharedPaper.of(List.of(wall), Paper.A4, () -> true))
        .hasMessageContaining("no template that fits");
  }
}
