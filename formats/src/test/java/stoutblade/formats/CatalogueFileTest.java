package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Glue;
import stoutblade.catalogue.Rod;
import stoutblade.catalogue.SheetMaterial;

class CatalogueFileTest {

  @TempDir private Path folder;

  private static final Catalogue SHIPPED = CatalogueFile.shipped();

  /** ASTM D1785, Schedule 40 (from memory): outside diameter and minimum wall in inches. */
  @ParameterizedTest
  @CsvSource({"pvc-1-2, 0.840, 0.109", "pvc-3-4, 1.050, 0.113", "pvc-1, 1.315, 0.133"})
  void pipes_have_their_published_sizes(String id, double outside, double wall) {
    Rod pipe = SHIPPED.rod(id).orElseThrow();

    assertThat(pipe.outerMm()).isCloseTo(outside * 25.4, within(0.001));
    assertThat((pipe.outerMm() - pipe.innerMm()) / 2).isCloseTo(wall * 25.4, within(0.001));
    assertThat(pipe.modulus()).isBetween(2400.0, 4100.0);
  }

  @Test
  void every_value_names_its_source() {
    assertThat(SHIPPED.sheets()).allMatch(it -> !it.source().isBlank());
    assertThat(SHIPPED.rods()).allMatch(it -> !it.source().isBlank());
    assertThat(SHIPPED.glues()).allMatch(it -> !it.source().isBlank() && !it.caution().isBlank());
    assertThat(SHIPPED.coatings())
        .allMatch(it -> !it.source().isBlank() && !it.caution().isBlank());
    assertThat(SHIPPED.paces()).allMatch(it -> !it.source().isBlank());
  }

  /** Common practice: join when dry to the touch, usually 10 to 15 min, no later than 1 to 2 h. */
  @Test
  void contact_cement_keeps_its_clock() {
    Glue cement = SHIPPED.glue(Glue.FOR_LAYERS);

    assertThat(cement.waitMinutes()).isBetween(10.0, 15.0);
    assertThat(cement.joinByMinutes()).isBetween(60.0, 120.0);
    assertThat(cement.strainMinutes()).isEqualTo(24 * 60);
  }

  @Test
  void ids_are_unique() {
    assertThat(SHIPPED.rods()).extracting(Rod::id).doesNotHaveDuplicates();
    assertThat(SHIPPED.sheets()).extracting(it -> it.id()).doesNotHaveDuplicates();
    assertThat(SHIPPED.coatings()).extracting(it -> it.id()).doesNotHaveDuplicates();
  }

  @Test
  void the_users_own_entries_replace_and_add() throws IOException {
    Path own =
        Files.writeString(
            folder.resolve("catalogue.json"),
            """
            {"foams": [{"id": "eva-stiff", "name": "My stiff foam", "thicknessesMm": [7],
              "densityGPerMm3": 2e-4, "sheetWidthMm": 500, "sheetLengthMm": 500,
              "textured": false, "modulus": 4, "pricePerM2Mm": 2, "source": "weighed"}],
             "rods": [], "glues": [], "coatings": [], "paces": []}
            """);

    Catalogue merged = CatalogueFile.withUsersOwn(own);

    assertThat(merged.sheet("eva-stiff").orElseThrow().name()).isEqualTo("My stiff foam");
    assertThat(merged.sheet("eva-stiff").orElseThrow().offers()).hasSize(1);
    assertThat(merged.sheets()).hasSameSizeAs(SHIPPED.sheets());
    assertThat(CatalogueFile.withUsersOwn(folder.resolve("none.json")).rods())
        .isEqualTo(SHIPPED.rods());
  }

  @Test
  void a_sheet_may_be_sold_in_packs_and_other_sizes() throws IOException {
    Path own =
        Files.writeString(
            folder.resolve("catalogue.json"),
            """
            {"sheets": [{"id": "mine", "name": "Mine", "thicknessesMm": [7],
              "densityGPerMm3": 2e-4, "sheetWidthMm": 500, "sheetLengthMm": 500,
              "textured": false, "modulus": 4, "pricePerM2Mm": 2, "source": "weighed",
              "otherOffers": [
                {"widthMm": 500, "lengthMm": 500, "pack": 5, "pricePerM2Mm": 1.5},
                {"widthMm": 1000, "lengthMm": 9000, "pack": 1, "pricePerM2Mm": 2, "stepMm": 250}]}]}
            """);
    SheetMaterial mine = CatalogueFile.withUsersOwn(own).sheet("mine").orElseThrow();
    assertThat(mine.offers()).hasSize(3);
    assertThat(mine.largest().widthMm()).isEqualTo(1000);
    assertThat(mine.largest().roll()).isTrue();
    assertThat(mine.offers().get(1).roll()).isFalse();

    Files.writeString(own, Files.readString(own).replace("\"pack\": 5", "\"pack\": 0"));
    assertThatThrownBy(() -> CatalogueFile.withUsersOwn(own))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("sold in sizes above 0");
  }

  @Test
  void a_fault_in_the_users_file_is_named() throws IOException {
    Path own =
        Files.writeString(
            folder.resolve("catalogue.json"),
            "{\"foams\": [{\"id\": \"x\", \"thick\": 3}], \"rods\": []}");

    assertThatThrownBy(() -> CatalogueFile.withUsersOwn(own))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("catalogue.json: at sheets[0].name: 'name' is missing");
  }
}
