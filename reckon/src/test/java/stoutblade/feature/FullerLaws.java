package stoutblade.feature;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.Span;

/** What holds of a fuller wherever it runs. */
class FullerLaws {

  @Property(tries = 300)
  void a_line_across_runs_over_it_just_where_it_has_a_height(
      @ForAll @DoubleRange(min = -50, max = 50) double x,
      @ForAll @DoubleRange(min = -60, max = 60) double high,
      @ForAll @DoubleRange(min = 2, max = 30) double wide,
      @ForAll @DoubleRange(min = -90, max = 90) double y) {
    Fuller fuller = new Fuller(new Point(0, 0), new Point(x, high), wide, 3, true);

    if (fuller.across(y).isEmpty()) {
      for (double at = -120; at < 120; at += 0.5) {
        assertThat(fuller.heightAt(new Point(at, y))).isZero();
      }
      return;
    }
    Span span = fuller.across(y).get();
    assertThat(fuller.heightAt(new Point(span.middle(), y))).isEqualTo(3);
    assertThat(fuller.heightAt(new Point(span.from() - 1e-6, y))).isZero();
    assertThat(fuller.heightAt(new Point(span.to() + 1e-6, y))).isZero();
    if (span.length() > 1e-3) {
      assertThat(fuller.heightAt(new Point(span.from() + 1e-6, y))).isEqualTo(3);
      assertThat(fuller.heightAt(new Point(span.to() - 1e-6, y))).isEqualTo(3);
    }
  }

  /** Added up along, the lines across are the area of its outline. */
  @Property(tries = 20)
  void lines_across_add_up_to_its_area(
      @ForAll @DoubleRange(min = -50, max = 50) double x,
      @ForAll @DoubleRange(min = -60, max = 60) double high,
      @ForAll @DoubleRange(min = 2, max = 30) double wide) {
    Fuller fuller = new Fuller(new Point(0, 0), new Point(x, high), wide, 3, false);
    double sum = 0;
    double step = 0.01;
    for (double y = -100 + step / 2; y < 100; y += step) {
      sum += step * fuller.across(y).map(Span::length).orElse(0.0);
    }

    double area = Region.inside(fuller.around(), 0.001).area();
    assertThat(sum).isCloseTo(area, within(area * 0.01));
  }
}
