package stoutblade.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.finding.Finding;
import stoutblade.formats.CatalogueFile;
import stoutblade.formats.Document;
import stoutblade.formats.Exports;
import stoutblade.formats.ProjectFile;
import stoutblade.formats.ShippedTypeface;
import stoutblade.measure.Units;
import stoutblade.part.Bought;
import stoutblade.part.Part;
import stoutblade.part.Slices;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.reckoning.PropReckoning;

/** The pageant's props: whole, sound, and cut from templates. */
class DemoPartsTest {

  private static final LocalDateTime NOW = LocalDateTime.of(2031, 3, 3, 12, 0);

  @TempDir Path folder;

  private static Derived derived;

  private static synchronized Derived derived() throws IOException {
    if (derived == null) {
      derived =
          new Reckoner(CatalogueFile.shipped(), new ShippedTypeface())
              .derive(Demo.open(NOW).project(), NOW, Units.METRIC);
    }
    return derived;
  }

  @ParameterizedTest
  @CsvSource({"p1, Reedcutter", "p2, Tidegate", "p3, Fog Bell"})
  void every_part_is_drawn_placed_weighed_and_of_a_foam_in_the_catalogue(String id, String name)
      throws IOException {
    Derived derived = derived();
    PropReckoning prop = derived.prop(id);

    assertThat(prop.prop().name()).isEqualTo(name);
    assertThat(prop.parts()).hasSizeGreaterThanOrEqualTo(6);
    for (PartReckoning part : prop.parts()) {
      assertThat(part.mass()).as(part.part().name()).isPresent();
      if (part.part().shape() instanceof Bought || part.part().piped().isPresent()) {
        continue;
      }
      assertThat(part.flat().panels()).as(part.part().name()).isNotEmpty();
      assertThat(part.foam()).as(part.part().name()).isPresent();
    }
    assertThat(derived.findingsOf(Station.DRAFT, id))
        .as("a demo has nothing wrong at Draft")
        .noneMatch(it -> it.severity() == Finding.Severity.WRONG);
    assertThat(prop.whole().mass()).isPresent();
  }

  @Test
  void it_is_saved_read_back_and_exported() throws IOException {
    Path file = folder.resolve("walk.stout");
    Document demo = Demo.open(NOW);
    ProjectFile.write(file, demo);
    assertThat(ProjectFile.read(file).project()).isEqualTo(demo.project());

    Derived derived = derived();
    List<Path> written =
        Exports.write(folder.resolve("out"), derived, Units.METRIC, NOW, share -> {}).files();

    int templates = derived.templates().size();
    // Plates of several layers have a template for each, or for each pair.
    assertThat(templates).isGreaterThan(derived.parts().size());
    assertThat(written).allMatch(Files::isRegularFile);
    assertThat(written).filteredOn(it -> it.toString().endsWith("-cut-book.pdf")).hasSize(1);
    for (String ending : List.of(".pdf", ".svg", ".dxf")) {
      assertThat(
              written.stream()
                  .map(Path::toString)
                  .filter(it -> it.endsWith(ending) && !it.endsWith("-cut-book.pdf")))
          .as(ending)
          .hasSize(templates);
    }
  }

  @Test
  void the_tidegate_has_sixteen_rays_a_wave_border_and_segments_with_letters() throws IOException {
    PropReckoning derived = derived().prop(Demo.TIDEGATE);
    assertThat(named(derived, "Ray").made()).isEqualTo(16);

    assertThat(named(derived, "Board").form().orElseThrow().pieces())
        .anySatisfy(
            it -> {
              assertThat(it.name()).isEqualTo("Wave");
              assertThat(it.count()).isEqualTo(34);
            });
    PartReckoning face = named(derived, "Dished face");
    assertThat(face.flat().panels().getFirst().name()).isEqualTo("Segment, one of 4");
    assertThat(face.flat().seams()).containsKeys("1", "2", "3", "A", "R", "S");
  }

  @Test
  void the_fog_bell_hangs_together_on_its_cone() throws IOException {
    PropReckoning derived = derived().prop(Demo.BELL);
    for (Part part : derived.prop().parts()) {
      if (part.slices().isPresent()) {
        continue;
      }
      assertThat(part.id().equals("d1") || derived.assembly().carries("d1", part))
          .as(part.name())
          .isTrue();
    }
    Slices trial = named(derived, "Trial bell").part().slices().orElseThrow();
    assertThat(trial.layers()).hasSize(13);
    // Its wall leans: pegs only where three millimetres of it are left all round.
    assertThat(trial.layers()).anyMatch(it -> it.pegs().size() == 2);
    PartReckoning cheeks = named(derived, "Yoke cheek");
    assertThat(cheeks.layers().orElseThrow().each()).hasSize(3);
    assertThat(cheeks.made()).isEqualTo(2);
    assertThat(cheeks.mirrored()).isEqualTo(1);
  }

  private static PartReckoning named(PropReckoning derived, String name) {
    return derived.parts().stream()
        .filter(it -> it.part().name().equals(name))
        .findFirst()
        .orElseThrow();
  }
}
