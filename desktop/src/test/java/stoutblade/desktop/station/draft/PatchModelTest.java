package stoutblade.desktop.station.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import stoutblade.demo.Demo;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Meshes;
import stoutblade.desktop.NewProject;
import stoutblade.desktop.TestDesk;
import stoutblade.flatten.LaidFlat;
import stoutblade.flatten.PatchFigures;
import stoutblade.flatten.Proposal;
import stoutblade.flatten.Seams;
import stoutblade.flatten.StretchColours;
import stoutblade.formats.Document;
import stoutblade.formats.ModelFile;
import stoutblade.mesh.Mesh;
import stoutblade.part.FlatPieces;
import stoutblade.part.Part;
import stoutblade.reference.Orientation.View;
import stoutblade.shape.Point;

/** Choosing faces of the demo's bell and laying them flat, without a window. */
class PatchModelTest {

  private final Desk desk = TestDesk.demo();
  private final Meshes meshes = new Meshes(desk, new BackgroundTasks(desk::say));
  private final PatchModel model = new PatchModel(desk, meshes);

  @BeforeEach
  void readTheBell() throws IOException {
    try (var in = Demo.class.getResourceAsStream(Demo.FOG_BELL)) {
      meshes.add(ModelFile.read(Demo.FOG_BELL, in.readAllBytes(), share -> {}));
    }
    model.take("s2");
  }

  private LaidFlat laid() {
    Mesh mesh = model.mesh().orElseThrow();
    LaidFlat laid =
        LaidFlat.of(mesh, model.triangles(), model.seams(), model.mm().orElseThrow(), share -> {});
    model.setLaid(laid);
    return laid;
  }

  private void opened() {
    model.setSeams(Proposal.opened(model.mesh().orElseThrow(), model.triangles(), model.seams()));
  }

  @Test
  void a_press_takes_what_hangs_together_and_shift_and_ctrl_change_it() {
    assertThat(model.choose(new Point(0, 100), false, false)).isTrue();
    int wall = model.chosen().cardinality();
    assertThat(wall).isBetween(500, 4000);
    assertThat(model.choose(new Point(0, 590), true, false)).isTrue();
    assertThat(model.chosen().cardinality()).isGreaterThan(wall);
    assertThat(model.choose(new Point(0, 590), false, true)).isTrue();
    assertThat(model.chosen().cardinality()).isEqualTo(wall);
    assertThat(model.choose(new Point(5000, 0), false, false)).as("beside it").isFalse();
    assertThat(model.chosen().cardinality()).isEqualTo(wall);
  }

  @Test
  void a_seam_follows_the_edges_from_corner_to_corner() {
    model.setTurn(Math.toRadians(30));
    model.choose(new Point(0, 100), false, false);
    assertThat(model.seam(new Point(0, 20))).isTrue();
    assertThat(model.seams().edges()).isEmpty();
    assertThat(model.seam(new Point(0, 400))).isTrue();
    int first = model.seams().edges().size();
    assertThat(first).isPositive();
    model.endSeam();
    assertThat(model.seamFrom()).isEmpty();
    model.setSeams(Seams.NONE);
    assertThat(model.seams().edges()).isEmpty();
  }

  @Test
  void the_wall_opens_along_a_proposed_seam_and_is_kept_as_a_part() {
    model.choose(new Point(0, 100), false, false);
    assertThat(model.keep("Wall")).as("nothing is laid flat yet").isFalse();
    assertThat(desk.noticeProperty().get()).contains("Lay the faces flat");
    opened();
    LaidFlat laid = laid();

    assertThat(laid.mismatchMm()).isLessThan(0.3);
    assertThat(PatchFigures.of(laid, model.forgives()))
        .anyMatch(it -> it.id().equals("patch.stretched") && it.value() > 1)
        .anyMatch(it -> it.id().equals("patch.squeezed") && it.value() < 1);
    assertThat(model.keep("Wall")).isTrue();
    Part part = desk.project().first().parts().getLast();
    assertThat(part.name()).isEqualTo("Wall");
    assertThat(((FlatPieces) part.shape()).origin()).contains("faces of Fog Bell");
    assertThat(part.developed().seams()).containsKey("A");
  }

  @Test
  void colours_tell_what_is_chosen_stretched_and_squeezed() {
    model.choose(new Point(0, 100), false, false);
    int count = model.mesh().orElseThrow().triangles();
    StretchColours before =
        StretchColours.of(model.chosen(), Optional.empty(), model.forgives(), count);
    int chosen = model.triangles()[0];
    assertThat(before.ofFace(chosen)).isNotNegative();
    assertThat(before.ofFace(model.chosen().nextClearBit(0))).isEqualTo(-1);

    opened();
    LaidFlat laid = laid();
    StretchColours after = StretchColours.of(model.chosen(), model.laid(), model.forgives(), count);
    boolean warm = false;
    boolean cold = false;
    for (int t = 0; t < laid.pieces().getFirst().patch().triangles(); t++) {
      int colour = after.ofPiece(0, t);
      assertThat(after.ofFace(laid.pieces().getFirst().patch().face(t))).isEqualTo(colour);
      warm |= (colour >> 16) > (colour & 0xff) + 60;
      cold |= (colour & 0xff) > (colour >> 16) + 60;
    }
    assertThat(warm && cold).isTrue();
    assertThat(after.map(laid, 0, 200).pixels().width()).isBetween(100, 202);
  }

  @Test
  void another_model_forgets_what_was_chosen() {
    model.choose(new Point(0, 100), false, false);
    model.look(View.SIDE);
    assertThat(model.view()).isEqualTo(View.SIDE);
    model.take("s1");
    assertThat(model.chosen().isEmpty()).isTrue();
  }

  @Test
  void another_project_with_a_model_of_the_same_id_forgets_it_too() {
    model.choose(new Point(0, 100), false, false);
    desk.open(new Document(NewProject.first(desk.now()), Map.of()), Optional.empty());
    model.take("s2");

    assertThat(model.model()).isEmpty();
    assertThat(model.chosen().isEmpty()).isTrue();
  }

  @Test
  void all_faces_are_taken_at_once_and_every_shell_is_cut() {
    model.all();
    assertThat(model.chosen().cardinality()).isEqualTo(model.mesh().orElseThrow().triangles());
    opened();
    LaidFlat laid = laid();
    assertThat(laid.pieces().size()).isGreaterThanOrEqualTo(2);
  }
}
