package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import stoutblade.core.Beside;
import stoutblade.core.Parting;
import stoutblade.demo.Demo;
import stoutblade.edit.Edits;
import stoutblade.edit.Followers;
import stoutblade.edit.OutlineEdits;
import stoutblade.edit.PartEdits;
import stoutblade.edit.SkeletonEdits;
import stoutblade.feature.Feature;
import stoutblade.feature.Where;
import stoutblade.measure.Stated;
import stoutblade.part.Follow;
import stoutblade.part.Piped;
import stoutblade.pipework.Skeleton;
import stoutblade.pipework.SkeletonChanges;
import stoutblade.pipework.Skeletons;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.reference.Camera;
import stoutblade.reference.Mark;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Band;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.ProfileChange;

class ProjectFileTest {

  @TempDir private Path folder;

  private Path zip(Map<String, String> entries) throws IOException {
    Path file = folder.resolve("made.stout");
    try (OutputStream out = Files.newOutputStream(file);
        ZipOutputStream zip = new ZipOutputStream(out)) {
      for (Map.Entry<String, String> entry : entries.entrySet()) {
        zip.putNextEntry(new ZipEntry(entry.getKey()));
        zip.write(entry.getValue().getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
      }
    }
    return file;
  }

  private static String json() throws IOException {
    return new String(ProjectFile.json(FormatSamples.demo().project()), StandardCharsets.UTF_8);
  }

  @Test
  void what_was_written_reads_back_the_same() throws IOException {
    Path file = folder.resolve("demo.stout");
    Document demo = FormatSamples.demo();

    ProjectFile.write(file, demo);
    Document read = ProjectFile.read(file);

    assertThat(read.project()).isEqualTo(demo.project());
    assertThat(read.files().keySet()).isEqualTo(demo.files().keySet());
    for (String digest : read.files().keySet()) {
      assertThat(read.files().get(digest)).isEqualTo(demo.files().get(digest));
    }
    assertThat(folder.toFile().list()).containsExactly("demo.stout");
  }

  @Test
  void a_layers_own_outline_reads_back_the_same_and_keeps_to_the_schema() throws IOException {
    Project project =
        OutlineEdits.teeth(OutlineEdits.layer(Demo.LEAF, 1), 4, 9, 10)
            .in(Prop.FIRST)
            .applyTo(FormatSamples.demo().project());

    assertThat(First.layering(project).sheets().get(1).own()).isPresent();
    assertThat(ProjectFile.parse("new.stout", ProjectFile.json(project))).isEqualTo(project);
    assertThat(schema().validate(Json.MAPPER.readTree(ProjectFile.json(project)))).isEmpty();
  }

  @Test
  void writing_again_replaces_the_whole_file() throws IOException {
    Path file = folder.resolve("demo.stout");
    ProjectFile.write(file, FormatSamples.demo());
    Document renamed = FormatSamples.demo().with(FormatSamples.demo().project().withName("Other"));

    ProjectFile.write(file, renamed);

    assertThat(ProjectFile.read(file).project().name()).isEqualTo("Other");
  }

  private static JsonSchema schema() throws IOException {
    JsonNode schema =
        Json.MAPPER.readTree(Files.readAllBytes(Path.of("..", "docs", "format.schema.json")));
    return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(schema);
  }

  /** The schema in docs/ is checked by a library of its own (JSON Schema 2020-12). */
  @Test
  void the_json_keeps_to_the_published_schema() throws IOException {
    JsonSchema checked = schema();
    JsonNode project = Json.MAPPER.readTree(json());

    assertThat(checked.validate(project)).isEmpty();
    ((ObjectNode) project.path("project").at("/wearers/kept/w1")).put("heightMm", "tall");
    assertThat(checked.validate(project)).isNotEmpty();
  }

  @Test
  void a_file_that_is_not_there_or_no_zip_is_named() throws IOException {
    Path text = Files.writeString(folder.resolve("note.stout"), "hello");

    assertThatThrownBy(() -> ProjectFile.read(folder.resolve("none.stout")))
        .isInstanceOf(FormatException.class)
        .hasMessage("none.stout: there is no such file");
    assertThatThrownBy(() -> ProjectFile.read(text))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("note.stout: not a whole project file");
  }

  @ParameterizedTest
  @CsvSource({"0.05", "0.3", "0.6", "0.9", "0.99", "0.9999"})
  void a_truncated_file_is_refused_wherever_it_ends(double share) throws IOException {
    Path file = folder.resolve("demo.stout");
    ProjectFile.write(file, FormatSamples.demo());
    byte[] whole = Files.readAllBytes(file);
    Files.write(file, Arrays.copyOf(whole, (int) (whole.length * share)));

    assertThatThrownBy(() -> ProjectFile.read(file))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("demo.stout");
  }

  @Test
  void a_damaged_picture_is_noticed() throws IOException {
    Path file = folder.resolve("demo.stout");
    Document demo = FormatSamples.demo();
    String digest = demo.files().keySet().iterator().next();
    byte[] bytes = demo.files().get(digest).clone();
    bytes[bytes.length / 2] ^= 1;

    ProjectFile.write(file, demo.withFile(digest, bytes));

    assertThatThrownBy(() -> ProjectFile.read(file)).hasMessageContaining("is damaged");
  }

  @Test
  void paths_out_of_the_archive_are_refused() throws IOException {
    Path file = zip(Map.of("project.json", json(), "../evil.txt", "x"));

    assertThatThrownBy(() -> ProjectFile.read(file))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("'../evil.txt' does not belong in a project");
    assertThat(Files.exists(folder.resolveSibling("evil.txt"))).isFalse();
  }

  @Test
  void json_nested_a_hundred_thousand_deep_is_refused() throws IOException {
    String deep = "[".repeat(100_000) + "]".repeat(100_000);
    Path plain = zip(Map.of("project.json", deep));
    assertThatThrownBy(() -> ProjectFile.read(plain))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("larger or deeper than any project");

    Path inside = zip(Map.of("project.json", json().replace("\"Reedcutter\"", deep)));
    assertThatThrownBy(() -> ProjectFile.read(inside))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("larger or deeper than any project");
  }

  @Test
  void a_zip_that_swells_is_cut_off() throws IOException {
    String spaces = " ".repeat(ProjectFile.LARGEST_JSON + 10);
    Path file = zip(Map.of("project.json", spaces));

    assertThat(Files.size(file)).isLessThan(100_000);
    assertThatThrownBy(() -> ProjectFile.read(file)).hasMessageContaining("larger than 8 MB");
  }

  @Test
  void a_wearer_of_seventeen_metres_is_refused_with_the_place() throws IOException {
    String giant = json().replaceAll("\"heightMm\" : 1740.0", "\"heightMm\" : 17000");
    Path file = zip(Map.of("project.json", giant));

    assertThatThrownBy(() -> ProjectFile.read(file))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("made.stout: at wearers.kept.w1: A wearer's height lies between")
        .hasMessageContaining("1700 cm");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "\"version\" : 12        | \"version\" : 13     | written by a newer Stout Blade",
        "\"version\" : 12        | \"version\" : \"x\"  | 'version' is a whole number from 1",
        "stout-blade-project    | other                | not a project",
        "\"project\" :          | \"projekt\" :        | 'project' is missing",
        "\"heightMm\" : 1740.0  | \"height\" : 1740.0  | height",
        "\"heightMm\" : 1740.0  | \"heightMm\" : null  | heightMm",
        "\"A4\"                 | \"A9\"               | A9",
        "\"widthMm\" : 22.0     | \"widthMm\" : -22.0  | at props[0].defaults.stack.profile: A bevel is between",
      })
  void faults_in_the_json_are_named(String good, String bad, String message) throws IOException {
    assertThat(json()).contains(good);
    Path file = zip(Map.of("project.json", json().replace(good, bad)));

    assertThatThrownBy(() -> ProjectFile.read(file))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("made.stout")
        .hasMessageContaining(message);
  }

  @Test
  void missing_parts_are_named() throws IOException {
    Path empty = zip(Map.of("pictures/" + "0".repeat(64), ""));
    assertThatThrownBy(() -> ProjectFile.read(empty)).isInstanceOf(FormatException.class);
    Path noPicture = zip(Map.of("project.json", json()));
    assertThatThrownBy(() -> ProjectFile.read(noPicture))
        .hasMessageContaining("the picture or model")
        .hasMessageContaining("is missing");
    Document bare = new Document(FormatSamples.demo().project(), Map.of());
    assertThatThrownBy(() -> ProjectFile.write(folder.resolve("x.stout"), bare))
        .hasMessageContaining("a picture or model of the project is missing");
    assertThat(Files.exists(folder.resolve("x.stout"))).isFalse();
  }

  @Test
  void rods_beside_a_core_its_joint_and_a_skeleton_are_kept() throws IOException {
    Project demo = FormatSamples.demo().project();
    Skeleton bent = SkeletonChanges.bent(Skeletons.yoke(400, 250), 1, Optional.of(120.0));
    Project changed =
        Edits.addBeside(Demo.LEAF, new Beside("aluminium-flat-15-2", 20, 300, 25.5, true))
            .then(Edits.coreOnEdge(Demo.LEAF, true))
            .then(
                Edits.parting(
                    Demo.LEAF,
                    Optional.of(new Parting(-150, Parting.Way.SLEEVE, "aluminium-tube-12", 40))))
            .then(SkeletonEdits.add("Yoke", new Piped(bent, "pvc-1-2", 21.3)))
            .in(Prop.FIRST)
            .applyTo(demo);

    Project read = ProjectFile.parse("new.stout", ProjectFile.json(changed));

    assertThat(read).isEqualTo(changed);
    assertThat(read.first().needed(Demo.LEAF).core().orElseThrow().beside()).hasSize(1);
    assertThat(read.first().parts().getLast().piped().orElseThrow().skeleton()).isEqualTo(bent);
    assertThat(schema().validate(Json.MAPPER.readTree(ProjectFile.json(changed)))).isEmpty();
  }

  @Test
  void what_follows_and_what_is_cut_out_is_kept() throws IOException {
    Project demo = FormatSamples.demo().project();
    WholeOutline opening = WholeOutline.circle(new Point(3, 4), 12);
    Follow follow = new Follow(Demo.LEAF, 12.5, true, Optional.of(-4.0), true);
    Project changed =
        Followers.add("Rim", follow, 10)
            .then(PartEdits.addCutOut(Demo.LEAF, opening, Where.At.of(0, 200)))
            .in(Prop.FIRST)
            .applyTo(demo);

    Project read = ProjectFile.parse("new.stout", ProjectFile.json(changed));

    assertThat(read).isEqualTo(changed);
    assertThat(read.first().parts().getLast().cut().orElseThrow().follow()).contains(follow);
  }

  @Test
  void how_a_picture_was_taken_is_kept() throws IOException {
    Project demo = FormatSamples.demo().project();
    Mark line = new Mark(new Point(10, 400), new Point(900, 402));
    Camera camera =
        Camera.UNKNOWN
            .withHeight(Optional.of(new Stated(1400, 50)))
            .withFocal(Optional.of(new Stated(28, 0.5)))
            .withHorizon(Optional.of(line))
            .withUprights(List.of(line));
    Project changed =
        First.withSize(
            demo,
            demo.first().size().with(demo.first().size().references().getFirst().with(camera)));

    assertThat(
            ProjectFile.parse("new.stout", ProjectFile.json(changed))
                .first()
                .size()
                .references()
                .getFirst()
                .camera())
        .isEqualTo(camera);
  }

  @Test
  void sections_that_change_and_bands_are_kept() throws IOException {
    Project demo = FormatSamples.demo().project();
    Layering layering =
        First.layering(demo)
            .withChanges(
                List.of(new ProfileChange(120, 40, Profile.FLAT.with(Profile.Kind.DIAMOND))))
            .with(Optional.of(new Band("eva-craft", 2)));
    Project changed = First.with(demo, layering);

    assertThat(First.layering(ProjectFile.parse("new.stout", ProjectFile.json(changed))))
        .isEqualTo(layering);
  }

  @Test
  void what_is_worked_into_the_blade_is_kept() throws IOException {
    Project demo = FormatSamples.demo().project();
    Feature fuller =
        new Feature(
            "f1",
            Feature.Kind.FULLER,
            Map.of("wide", 9.5),
            "",
            new Where.Row(new Point(0, 80), new Point(0, 300), 1));
    Project worked = First.withFeatures(demo, List.of(fuller));

    assertThat(ProjectFile.parse("new.stout", ProjectFile.json(worked))).isEqualTo(worked);
  }

  @Test
  void random_damage_never_gives_half_a_project() throws IOException {
    ByteArrayOutputStream kept = new ByteArrayOutputStream();
    Path file = folder.resolve("demo.stout");
    ProjectFile.write(file, FormatSamples.demo());
    kept.write(Files.readAllBytes(file));
    java.util.Random random = new java.util.Random(3);
    for (int i = 0; i < 60; i++) {
      byte[] bytes = kept.toByteArray();
      for (int hit = 0; hit < 20; hit++) {
        bytes[random.nextInt(bytes.length)] = (byte) random.nextInt();
      }
      Files.write(file, bytes);
      try {
        Document read = ProjectFile.read(file);
        assertThat(read.project()).isEqualTo(FormatSamples.demo().project());
      } catch (IOException e) {
        assertThat(e.getMessage()).isNotBlank();
      }
    }
  }
}
