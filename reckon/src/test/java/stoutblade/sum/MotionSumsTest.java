package stoutblade.sum;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static stoutblade.sum.Answers.answer;
import static stoutblade.sum.Answers.figure;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/** What folds on a pin, and what comes apart. */
class MotionSumsTest {

  private static final GeometryFactory SHAPES = new GeometryFactory();

  // == FOLDING

  /** Both pieces as rectangles, one turned by JTS: its box is the folded length. */
  @Property(tries = 300)
  void a_folded_prop_is_as_long_as_its_pieces_turned_by_other_code(
      @ForAll @DoubleRange(min = 100, max = 900) double fixed,
      @ForAll @DoubleRange(min = 100, max = 900) double moving,
      @ForAll @DoubleRange(min = 0, max = 90) double tail,
      @ForAll @DoubleRange(min = 5, max = 90) double wide,
      @ForAll @DoubleRange(min = 0.02, max = 3.14) double turns) {
    Answer answer =
        answer(
            "fold", "fixed", fixed, "moving", moving, "tail", tail, "wide", wide, "turns", turns);

    Geometry piece =
        SHAPES.toGeometry(
            new Envelope(new Coordinate(-tail, -wide / 2), new Coordinate(moving, wide / 2)));
    Geometry turned = AffineTransformation.rotationInstance(turns).transform(piece);
    Envelope both = turned.getEnvelopeInternal();
    both.expandToInclude(-fixed, 0);
    both.expandToInclude(0, 0);
    assertThat(figure(answer, "fold.closed")).isCloseTo(both.getWidth(), within(1e-6));
    double swing = 0;
    double room = 0;
    for (Coordinate corner : turned.getCoordinates()) {
      swing = Math.max(swing, corner.distance(new Coordinate(0, 0)));
    }
    for (double side : new double[] {-wide / 2, wide / 2}) {
      room = Math.max(room, Math.hypot(tail, side));
    }
    assertThat(figure(answer, "fold.reach")).isLessThanOrEqualTo(swing + 1e-9);
    assertThat(Math.max(figure(answer, "fold.reach"), room)).isCloseTo(swing, within(1e-9));
  }

  @Test
  void what_stands_in_the_way_is_said_with_how_much_it_is_too_long() {
    Answer free = answer("fold", "moving", 400, "wide", 60, "guard", 450);
    Answer hit = answer("fold", "moving", 480, "wide", 60, "guard", 450);

    assertThat(free.words().getFirst()).contains("passes");
    assertThat(hit.words().getFirst()).contains("shorter by 30.9 mm");
    assertThat(answer("fold", "moving", 480, "guard", 450, "turns", 1).words().getFirst())
        .as("it only turns away")
        .contains("passes");
    assertThat(figure(hit, "fold.thickness")).isCloseTo(20 + 20 + 1.5 + 1.2, within(1e-9));
    assertThat(figure(hit, "fold.open")).isEqualTo(1080);
  }

  // == APART

  /** Pieces put end to end, each on the spigot of the one before, are the prop again. */
  @Property(tries = 200)
  void pieces_on_their_spigots_are_the_prop_again(
      @ForAll @DoubleRange(min = 900, max = 2500) double length,
      @ForAll @IntRange(min = 2, max = 4) int pieces,
      @ForAll @DoubleRange(min = 8, max = 26) double tube) {
    Answer answer = answer("parted", "length", length, "pieces", pieces, "tube", tube);

    double end = 0;
    for (int i = 0; i < pieces; i++) {
      double spigot = i == pieces - 1 ? 0 : figure(answer, "parted.inside");
      double far = end + figure(answer, "parted.piece") + spigot;
      end = far - spigot;
    }
    assertThat(end).isCloseTo(length, within(1e-6));
    assertThat(figure(answer, "parted.cut"))
        .isCloseTo(2 * figure(answer, "parted.inside"), within(1e-9));
    assertThat(figure(answer, "parted.longest") + figure(answer, "parted.free"))
        .isCloseTo(1050, within(1e-9));
  }

  @Test
  void pieces_that_stay_too_long_or_spigots_that_meet_are_said() {
    assertThat(answer("parted", "length", 2200).words().getFirst()).contains("does not go");
    assertThat(answer("parted", "widths", 2).words().get(1)).contains("work loose");
    assertThatThrownBy(() -> answer("parted", "length", 400, "pieces", 4))
        .hasMessageContaining("spigots meet");
    assertThatThrownBy(() -> answer("parted", "play", 9)).hasMessageContaining("fills the tube");
  }

  @Test
  void each_of_them_has_a_drawing_and_words() {
    for (String sum : List.of("fold", "parted")) {
      assertThat(answer(sum).words()).as(sum).isNotEmpty();
      assertThat(answer(sum).drawing().box().width()).as(sum).isPositive();
    }
  }
}
