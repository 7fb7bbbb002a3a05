package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import stoutblade.core.CoreChoice;
import stoutblade.demo.Demo;
import stoutblade.develop.Panel;
import stoutblade.part.Bought;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.part.Slices;
import stoutblade.part.Workmanship;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Size;
import stoutblade.reference.Camera;
import stoutblade.reference.Reference;
import stoutblade.reference.Ruler;
import stoutblade.shape.Point;
import stoutblade.stack.Sheet;
import stoutblade.wearer.ShownCharacter;
import stoutblade.wearer.Wearer;

/** Projects as older versions of the program wrote them. */
class OldVersionsTest {

  /** Written by the program as it was when version 1 was the newest. */
  @Test
  void a_project_of_version_1_is_read_with_all_that_was_decided() throws IOException {
    byte[] old;
    try (var in = getClass().getResourceAsStream("project-version-1.json")) {
      old = in.readAllBytes();
    }

    Project project = ProjectFile.parse("old.stout", old);

    assertThat(First.wearer(project)).isEqualTo(new Wearer("Ferrywarden", 1740));
    Reference picture = project.first().size().references().getFirst();
    assertThat(picture.ruler("r1").orElseThrow().by())
        .isEqualTo(new Ruler.FigureHeight(List.of(new Point(519, 253), new Point(510, 1348))));
    assertThat(picture.ruler("r2").orElseThrow().name()).isEqualTo("Crate");
    assertThat(picture.ruler("r2").orElseThrow().trusted()).isFalse();
    assertThat(picture.whole())
        .isEqualTo(FormatSamples.demo().project().first().size().references().getFirst().whole());
    assertThat(First.half(project)).isEqualTo(First.half(FormatSamples.demo().project()));
    assertThat(ProjectFile.parse("new.stout", ProjectFile.json(project))).isEqualTo(project);
  }

  /** Without what older versions could not say: how a picture was taken. */
  private static Size unsaid(Size size) {
    return size.withReferences(
        size.references().stream().map(it -> it.with(Camera.UNKNOWN)).toList());
  }

  /** Written by the program as it was when version 2 was the newest. */
  @Test
  void a_project_of_version_2_has_no_parts_but_its_blade() throws IOException {
    byte[] old;
    try (var in = getClass().getResourceAsStream("project-version-2.json")) {
      old = in.readAllBytes();
    }

    Project project = ProjectFile.parse("old.stout", old);

    Project demo = FormatSamples.demo().project();
    assertThat(project.first().parts()).extracting(Part::name).containsExactly("Reedcutter leaf");
    assertThat(project.first().size()).isEqualTo(unsaid(demo.first().size()));
    assertThat(First.coats(project)).isEqualTo(First.coats(demo));
    assertThat(ProjectFile.parse("new.stout", ProjectFile.json(project))).isEqualTo(project);
  }

  /** Written by the program as it was when version 3 was the newest. */
  @Test
  void a_project_of_version_3_keeps_its_outlines_and_its_parts_get_a_place() throws IOException {
    byte[] old;
    try (var in = getClass().getResourceAsStream("project-version-3.json")) {
      old = in.readAllBytes();
    }

    Project project = ProjectFile.parse("old.stout", old);

    Project demo = FormatSamples.demo().project();
    assertThat(First.half(project)).isEqualTo(First.half(demo));
    assertThat(project.first().size()).isEqualTo(unsaid(demo.first().size()));
    assertThat(project.first().parts())
        .extracting(Part::name)
        .containsExactly("Reedcutter leaf", "Collar", "Grip", "Butt");
    assertThat(project.first().parts())
        .allSatisfy(it -> assertThat(it.placing()).isEqualTo(Placing.USUAL))
        .allSatisfy(
            it ->
                assertThat(it.materialId())
                    .isEqualTo(First.layering(project).middle().materialId()));
    assertThat(ProjectFile.parse("new.stout", ProjectFile.json(project))).isEqualTo(project);
  }

  /** Written by the program as it was when version 4 was the newest. */
  @Test
  void a_project_of_version_4_has_nothing_worked_into_its_blade() throws IOException {
    byte[] old;
    try (var in = getClass().getResourceAsStream("project-version-4.json")) {
      old = in.readAllBytes();
    }

    Project project = ProjectFile.parse("old.stout", old);

    Project demo = FormatSamples.demo().project();
    assertThat(First.half(project)).isEqualTo(First.half(demo));
    assertThat(First.features(project)).isEmpty();
    assertThat(project.first().parts())
        .extracting(Part::name)
        .containsExactlyElementsOf(
            demo.first().parts().stream()
                .filter(it -> !(it.shape() instanceof Bought) && !it.name().equals("Lamp lug"))
                .map(Part::name)
                .toList());
    assertThat(ProjectFile.parse("new.stout", ProjectFile.json(project))).isEqualTo(project);
  }

  /** Written by the program as it was when version 5 was the newest; cut to two slices. */
  @Test
  void a_project_of_version_5_has_sections_that_stay_and_slices_of_one_sheet() throws IOException {
    byte[] old;
    try (var in = getClass().getResourceAsStream("project-version-5.json")) {
      old = in.readAllBytes();
    }

    Project project = ProjectFile.parse("old.stout", old);

    assertThat(First.layering(project).changes()).isEmpty();
    assertThat(First.layering(project).band()).isEmpty();
    Slices bell =
        project.first().parts().stream()
            .flatMap(it -> it.slices().stream())
            .findFirst()
            .orElseThrow();
    assertThat(bell.layers()).allSatisfy(it -> assertThat(it.thicknessMm()).isEqualTo(12));
    assertThat(bell.origin().name()).isEqualTo("fog-bell.stl, a quarter as large");
    assertThat(bell.origin().since(5)).isEmpty();
    assertThat(ProjectFile.parse("new.stout", ProjectFile.json(project))).isEqualTo(project);
  }

  /** Written by the program as it was when version 6 was the newest; cut to two pictures. */
  @Test
  void nobody_said_how_the_pictures_of_version_6_were_taken() throws IOException {
    byte[] old;
    try (var in = getClass().getResourceAsStream("project-version-6.json")) {
      old = in.readAllBytes();
    }

    Project project = ProjectFile.parse("old.stout", old);

    assertThat(project.first().size().references())
        .hasSize(2)
        .allSatisfy(it -> assertThat(it.camera()).isEqualTo(Camera.UNKNOWN));
    assertThat(ProjectFile.parse("new.stout", ProjectFile.json(project))).isEqualTo(project);
  }

  /**
   * Its ends of 10 mm lay on walls of 15: it was 35 high outside, and walls and ends are mitred
   * now.
   */
  @ParameterizedTest
  @CsvSource({"15, 35", "20, 40", "21, 21", "90, 90"})
  void a_closed_box_of_version_7_too_low_for_mitres_is_as_high_as_it_was(double was, double is)
      throws IOException {
    JsonNode old;
    try (var in = getClass().getResourceAsStream("project-version-7.json")) {
      old = Json.MAPPER.readTree(in);
    }
    ObjectNode part = (ObjectNode) old.at("/project/parts/0");
    part.put("sum", "box");
    part.putObject("sizes").put("wide", 120).put("height", was).put("foam", 10).put("ends", 2);

    Project project = ProjectFile.parse("old.stout", Json.MAPPER.writeValueAsBytes(old));

    Part box = project.first().needed("d1");
    assertThat(box.formed().orElseThrow().sizes()).containsEntry("height", is);
    assertThat(box.developed().panels()).extracting(Panel::name).containsExactly("Side", "End");
  }

  /** Written by the program as it was when version 8 was the newest; cut to three parts. */
  @Test
  void glues_sheets_and_the_sizing_rule_of_version_8_are_what_they_were() throws IOException {
    byte[] old;
    try (var in = getClass().getResourceAsStream("project-version-8.json")) {
      old = in.readAllBytes();
    }

    Project project = ProjectFile.parse("old.stout", old);

    Part leaf = project.first().needed(Demo.LEAF);
    assertThat(leaf.workmanship().glueId()).contains("wood-glue");
    assertThat(leaf.workmanship().withGlue(Optional.empty())).isEqualTo(Workmanship.PROPOSED);
    assertThat(leaf.layering().sheets())
        .extracting(Sheet::materialId)
        .allMatch(it -> it.startsWith("eva-"));
    assertThat(project.first().size().character())
        .contains(new ShownCharacter("The Ferrywarden", 1740));
    assertThat(ProjectFile.parse("new.stout", ProjectFile.json(project))).isEqualTo(project);
  }

  /** Written by the program as it was when version 9 was the newest; cut to one part. */
  @Test
  void outlines_of_version_9_follow_none_and_no_detail_has_one_of_its_own() throws IOException {
    byte[] old;
    try (var in = getClass().getResourceAsStream("project-version-9.json")) {
      old = in.readAllBytes();
    }

    Project project = ProjectFile.parse("old.stout", old);

    Cut leaf = project.first().needed(Demo.LEAF).cut().orElseThrow();
    assertThat(leaf.follow()).isEmpty();
    assertThat(leaf.features()).hasSize(9).allMatch(it -> it.outline().isEmpty());
    assertThat(ProjectFile.parse("new.stout", ProjectFile.json(project))).isEqualTo(project);
  }

  /**
   * Written by the program as it was when version 10 was the newest; cut to a board and its ring.
   */
  @Test
  void outlines_of_version_10_run_straight_and_stand_between_nothing() throws IOException {
    byte[] old;
    try (var in = getClass().getResourceAsStream("project-version-10.json")) {
      old = in.readAllBytes();
    }

    Project project = ProjectFile.parse("old.stout", old);

    Part ring = project.first().needed("d8");
    assertThat(ring.cut().orElseThrow().follow()).isPresent();
    assertThat(ring.cut().orElseThrow().axis()).isEmpty();
    assertThat(ring.placing().between()).isEmpty();
    assertThat(ring.layering().sheets()).allMatch(it -> it.offset().isEmpty());
    assertThat(ProjectFile.parse("new.stout", ProjectFile.json(project))).isEqualTo(project);
  }

  /** Written by the program as it was when version 11 was the newest; cut to the leaf. */
  @Test
  void cores_of_version_11_are_one_rod_in_one_piece() throws IOException {
    byte[] old;
    try (var in = getClass().getResourceAsStream("project-version-11.json")) {
      old = in.readAllBytes();
    }

    Project project = ProjectFile.parse("old.stout", old);

    CoreChoice core = project.first().needed(Demo.LEAF).core().orElseThrow();
    assertThat(core).isEqualTo(new CoreChoice("carbon-tube-10", -320, 505, -20));
    assertThat(ProjectFile.parse("new.stout", ProjectFile.json(project))).isEqualTo(project);
  }

  @Test
  void older_versions_are_brought_up_step_by_step() throws IOException {
    ObjectNode old = Json.MAPPER.createObjectNode();
    old.put("format", ProjectFile.FORMAT).put("version", 1);
    old.putObject("project").put("title", "Old");
    Migrations.Migration rename =
        new Migrations.Migration() {
          @Override
          public int from() {
            return 1;
          }

          @Override
          public ObjectNode migrate(ObjectNode project) {
            project.set("name", project.remove("title"));
            return project;
          }
        };

    JsonNode now = Migrations.current("old.stout", old, List.of(rename), 2);

    assertThat(now.path("name").asText()).isEqualTo("Old");
    assertThatThrownBy(() -> Migrations.current("old.stout", old, List.of(), 2))
        .hasMessageContaining("no way from version 1");
  }
}
