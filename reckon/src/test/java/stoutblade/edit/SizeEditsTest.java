package stoutblade.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import stoutblade.finding.Finding;
import stoutblade.fit.Carry;
import stoutblade.measure.Stated;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.project.Size;
import stoutblade.reference.Dressing;
import stoutblade.reference.Extent;
import stoutblade.reference.Measure;
import stoutblade.reference.Model;
import stoutblade.reference.Orientation;
import stoutblade.reference.Reference;
import stoutblade.shape.Box;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.trace.FileUnit;
import stoutblade.trace.Tracing;
import stoutblade.wearer.Wearer;
import stoutblade.wearer.Wearers;

class SizeEditsTest {

  private static final Project PICTURED = Samples.pictured(Samples.picture());

  private static final WholeOutline SQUARE =
      new WholeOutline(
          List.of(
              Node.corner(0, 0), Node.corner(100, 0), Node.corner(100, 100), Node.corner(0, 100)));

  private static Model model(String id) {
    return new Model(
        id,
        "Model",
        "d".repeat(64),
        4,
        new Extent(0, 0, 0, 1, 2, 3),
        Orientation.Z_UP,
        Optional.empty(),
        false);
  }

  private static Reference picture(Project project) {
    return project.first().size().references().getFirst();
  }

  /** Its size in each unit, by hand: a square of 10 units taken for millimetres. */
  @Test
  void outlines_of_a_file_without_units_are_asked_about_and_sized_any_time() {
    Project read =
        SizeEdits.addFile("Square", List.of(SQUARE), 0.2, new FileUnit(1, false))
            .in(Prop.FIRST)
            .applyTo(Samples.whole());
    double width = width(read);

    Finding asked =
        Samples.derive(read).findings().stream()
            .filter(it -> it.id().equals("size.t1.unit"))
            .findFirst()
            .orElseThrow();
    assertThat(asked.mends()).hasSize(4);
    Project inches = asked.mends().get(2).in(Prop.FIRST).applyTo(read);
    assertThat(width(inches)).isCloseTo(25.4 * width, within(1e-9));
    assertThat(Samples.derive(inches).findings()).noneMatch(it -> it.id().equals("size.t1.unit"));
    assertThat(width(SizeEdits.tracingUnit("t1", 10).in(Prop.FIRST).applyTo(inches)))
        .isCloseTo(10 * width, within(1e-9));
    Project known = SizeEdits.tracingLength("t1", 321).in(Prop.FIRST).applyTo(inches);
    assertThat(
            stoutblade.shape.Box.around(
                    known
                        .first()
                        .size()
                        .tracings()
                        .getFirst()
                        .outlines()
                        .getFirst()
                        .path()
                        .flattened(0.01))
                .height())
        .isCloseTo(321, within(1e-6));
    assertThat(known.first().size().tracings().getFirst().unit().orElseThrow().said()).isTrue();
  }

  private static double width(Project project) {
    return stoutblade.shape.Box.around(
            project
                .first()
                .size()
                .tracings()
                .getFirst()
                .outlines()
                .getFirst()
                .path()
                .flattened(0.01))
        .width();
  }

  @Test
  void another_outline_of_a_file_is_taken_first() {
    WholeOutline disc = WholeOutline.circle(new Point(0, 0), 4);
    Project read =
        SizeEdits.addFile("Both", List.of(SQUARE, disc), 0.2, new FileUnit(1, true))
            .in(Prop.FIRST)
            .applyTo(Samples.whole());

    assertThat(
            SizeEdits.takeOutline("t1", 1)
                .in(Prop.FIRST)
                .applyTo(read)
                .first()
                .size()
                .tracings()
                .getFirst()
                .outlines())
        .containsExactly(disc, SQUARE);
    assertThatThrownBy(() -> SizeEdits.takeOutline("t1", 2).in(Prop.FIRST).applyTo(read))
        .hasMessageContaining("no such outline");
  }

  @Test
  void rulers_are_added_changed_set_aside_and_removed() {
    Project two = SizeEdits.ruler("p1", Samples.crate(300)).in(Prop.FIRST).applyTo(PICTURED);
    Project moved = SizeEdits.ruler("p1", Samples.crate(310)).in(Prop.FIRST).applyTo(two);
    Project aside = SizeEdits.trust("p1", "r2", false).in(Prop.FIRST).applyTo(moved);
    Project gone = SizeEdits.removeRuler("p1", "r2").in(Prop.FIRST).applyTo(aside);

    assertThat(picture(two).rulers()).hasSize(2);
    assertThat(picture(moved).rulers()).hasSize(2);
    assertThat(picture(aside).ruler("r2").orElseThrow().trusted()).isFalse();
    assertThat(gone.first().size()).isEqualTo(PICTURED.first().size());
    assertThat(picture(two).nextRulerId()).isEqualTo("r3");
  }

  @Test
  void what_is_said_of_a_picture_stays_with_it() {
    Project said = PICTURED;
    for (Change edit :
        List.of(
            SizeEdits.pictureName("p1", " Side "),
            SizeEdits.distance("p1", Optional.of(new Stated(4000, 100))),
            SizeEdits.markingPrecision("p1", 1.5),
            SizeEdits.dressing("p1", "Turn", Dressing::turned),
            SizeEdits.dressing(
                "p1", "Crop", it -> it.withCrop(Optional.of(new Box(0, 0, 500, 500)))),
            SizeEdits.measure(
                "p1",
                new Measure(
                    "m1",
                    "Rim",
                    Measure.Kind.LENGTH,
                    List.of(new Point(0, 0), new Point(9, 9)))))) {
      said = edit.in(Prop.FIRST).applyTo(said);
    }
    Reference now = picture(said);

    assertThat(now.name()).isEqualTo("Side");
    assertThat(now.distance()).contains(new Stated(4000, 100));
    assertThat(now.markingPx()).isEqualTo(1.5);
    assertThat(now.dressing().quarterTurns()).isEqualTo(1);
    assertThat(now.measures()).hasSize(1);
    assertThat(now.nextMeasureId()).isEqualTo("m2");
    assertThat(picture(SizeEdits.removeMeasure("p1", "m1").in(Prop.FIRST).applyTo(said)).measures())
        .isEmpty();
  }

  @Test
  void four_quarter_turns_leave_a_picture_as_it_was() {
    Dressing turned = Dressing.PLAIN.turned().turned().turned().turned();

    assertThat(turned).isEqualTo(Dressing.PLAIN);
    assertThat(Dressing.PLAIN.turned().withLevel(0.1).turnRad())
        .isCloseTo(Math.PI / 2 + 0.1, within(1e-12));
    assertThatThrownBy(() -> Dressing.PLAIN.withLevel(1)).hasMessageContaining("45°");
    assertThatThrownBy(() -> Dressing.PLAIN.withBrightness(2)).hasMessageContaining("-1 and 1");
    assertThatThrownBy(() -> Dressing.PLAIN.withCrop(Optional.of(new Box(0, 0, 2, 2))))
        .hasMessageContaining("8 pixels");
  }

  /** Removing the picture on which the blade was traced leaves the blade as it is. */
  @Test
  void removing_a_picture_leaves_what_was_drafted() {
    Project gone = SizeEdits.removePicture("p1").in(Prop.FIRST).applyTo(PICTURED);

    assertThat(gone.first().size().references()).isEmpty();
    assertThat(First.part(gone)).isEqualTo(First.part(PICTURED));
  }

  @Test
  void marks_need_their_picture_and_models_theirs() {
    assertThatThrownBy(() -> SizeEdits.pictureName("p9", "x").in(Prop.FIRST).applyTo(PICTURED))
        .hasMessage("Open a picture first");
    assertThatThrownBy(() -> SizeEdits.modelName("s9", "x").in(Prop.FIRST).applyTo(PICTURED))
        .hasMessage("Open a model first");
  }

  @Test
  void tracings_are_enlarged_with_the_picture_or_model_that_they_came_from() {
    Project traced =
        SizeEdits.addTracing("Square", "p1", List.of(SQUARE), 0.2).in(Prop.FIRST).applyTo(PICTURED);
    Project fromModel =
        SizeEdits.addTracing("Other", "s1", List.of(SQUARE), 0.2)
            .in(Prop.FIRST)
            .applyTo(
                SizeEdits.modelRuler("s1", new Model.OwnUnit(10))
                    .in(Prop.FIRST)
                    .applyTo(SizeEdits.addModel(model("s1")).in(Prop.FIRST).applyTo(traced)));

    Project remarked = SizeEdits.ruler("p1", Samples.figure(435)).in(Prop.FIRST).applyTo(fromModel);
    Project resized =
        SizeEdits.modelRuler("s1", new Model.OwnUnit(30)).in(Prop.FIRST).applyTo(remarked);

    assertThat(width(resized, "t1")).isCloseTo(200, within(1e-9));
    assertThat(width(resized, "t2")).isCloseTo(300, within(1e-9));
    assertThat(
            SizeEdits.removeTracing("t1").in(Prop.FIRST).applyTo(resized).first().size().tracings())
        .hasSize(1);
  }

  private static double width(Project project, String id) {
    Tracing tracing = project.first().size().tracing(id).orElseThrow();
    return Box.around(tracing.outlines().getFirst().path().flattened(0.01)).width();
  }

  @Test
  void models_are_turned_named_and_removed() {
    Project with = SizeEdits.addModel(model("s1")).in(Prop.FIRST).applyTo(PICTURED);
    Project turned = SizeEdits.orientation("s1", Orientation.Y_UP).in(Prop.FIRST).applyTo(with);
    Project named = SizeEdits.modelName("s1", "Bell").in(Prop.FIRST).applyTo(turned);
    Project whole = SizeEdits.showsWhole("s1", true).in(Prop.FIRST).applyTo(named);

    Model now = whole.first().size().model("s1").orElseThrow();
    assertThat(now.height()).isEqualTo(2);
    assertThat(now.depth()).isEqualTo(3);
    assertThat(now.width()).isEqualTo(1);
    assertThat(now.name()).isEqualTo("Bell");
    assertThat(SizeEdits.removeModel("s1").in(Prop.FIRST).applyTo(whole)).isEqualTo(PICTURED);
  }

  @Test
  void counts_and_ids_have_bounds() {
    List<Reference> many = new ArrayList<>();
    for (int i = 1; i <= Size.MOST + 1; i++) {
      many.add(Reference.of("p" + i, "P", Samples.picture().picture()));
    }
    Size size = PICTURED.first().size();
    assertThatThrownBy(() -> size.withReferences(many)).hasMessageContaining("At most 24 pictures");
    assertThatThrownBy(() -> size.withModels(List.of(model("s1"), model("s1"))))
        .hasMessageContaining("Two models have one id");
    assertThatThrownBy(() -> Reference.of("x", "P", Samples.picture().picture()))
        .hasMessageContaining("p and a number");
    assertThatThrownBy(() -> new Tracing("t1", "T", "p1", List.of(), 1))
        .hasMessageContaining("1 to 200 outlines");
    assertThatThrownBy(() -> new WholeOutline(List.of(Node.corner(0, 0))))
        .hasMessageContaining("3 to 5000 nodes");
  }

  @Test
  void another_wearer_carries_and_the_handle_stays_as_it_was_said_at_true_size() {
    Project said =
        SizeEdits.carry("Grip", it -> it.with(Carry.Length.GRIP_DIAMETER, Optional.of(34.0)))
            .in(Prop.FIRST)
            .applyTo(Samples.whole());

    Project other =
        WearerEdits.add(Prop.FIRST, new Wearer("Other", 1500)).in(Prop.FIRST).applyTo(said);

    assertThat(First.wearer(other).name()).isEqualTo("Other");
    assertThat(other.first().size().carry().gripDiameterMm()).contains(34.0);
    assertThat(WearerEdits.remove("w2").in(Prop.FIRST).applyTo(other)).isEqualTo(said);
    assertThat(
            First.wearer(WearerEdits.name(Wearers.FIRST, " New ").in(Prop.FIRST).applyTo(said))
                .name())
        .isEqualTo("New");
  }
}
