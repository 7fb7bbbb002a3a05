package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import stoutblade.build.Step;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.SheetFamily;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.edit.PartEdits;
import stoutblade.finding.Finding;
import stoutblade.measure.Units;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.Sheet;
import stoutblade.stock.Shopping;

/** Parts of every family of sheets in the shipped catalogue. */
class SheetFamiliesTest {

  private static final Catalogue SHIPPED = CatalogueFile.shipped();

  private static Derived derive(Project project) {
    return new Reckoner(SHIPPED).derive(project, Samples.NOW, Units.METRIC);
  }

  /** A blade of two sheets, without core and coats. */
  private static Project plate(String materialId, double mm, Profile profile) {
    return First.withCoats(
        First.withCore(
            First.with(Samples.whole(), Layering.of(2, materialId, mm, profile)), Optional.empty()),
        List.of());
  }

  private static Project rolled(String materialId, double mm) {
    Part tube =
        Part.formed(
            "d1",
            "Tube",
            "ring",
            Map.of("across", 80.0, "width", 120.0),
            materialId,
            Placing.USUAL);
    return First.withParts(Samples.whole(), List.of(tube.withMaterial(materialId, mm)));
  }

  private static List<String> keys(Derived derived) {
    return derived.findings().stream().map(Finding::id).toList();
  }

  /** The families that the trade uses, and what matters of each. */
  @Test
  void every_family_has_sheets_and_glues_that_are_there() {
    Set<String> glues = new HashSet<>();
    SHIPPED.glues().forEach(it -> glues.add(it.id()));
    assertThat(SHIPPED.families())
        .extracting(SheetFamily::id)
        .containsExactly(
            "eva-foam",
            "floor-mat",
            "soft-foam",
            "felt",
            "foamed-pvc",
            "plastic",
            "acrylic",
            "thermoplastic",
            "leather",
            "board",
            "poster-board",
            "paper",
            "fabric",
            "vinyl-floor");
    for (SheetFamily family : SHIPPED.families()) {
      assertThat(SHIPPED.sheets())
          .as(family.id())
          .anyMatch(it -> it.familyId().equals(family.id()));
      assertThat(glues).as(family.id()).containsAll(family.glueIds());
      assertThat(family.source()).isNotBlank();
    }
  }

  /** Densities of solid plastics and of birch plywood, in g/cm³: handbook values, from memory. */
  @ParameterizedTest
  @CsvSource({"acrylic, 1.19", "abs, 1.05", "styrene, 1.05", "plywood, 0.68"})
  void what_is_solid_weighs_what_handbooks_say(String id, double density) {
    SheetMaterial sheet = SHIPPED.sheet(id).orElseThrow();
    Derived derived = derive(plate(id, sheet.thicknessesMm().getLast(), Profile.FLAT));

    double volume = First.of(derived).body().orElseThrow().volume().value();
    assertThat(First.of(derived).mass().orElseThrow().value() / volume * 1000)
        .isCloseTo(density, org.assertj.core.data.Percentage.withPercentage(0.5));
  }

  /** Common practice: board is glued with wood glue, leather with contact cement. */
  @ParameterizedTest
  @CsvSource({
    "eva-stiff, 10, contact-cement",
    "plywood, 6.5, wood-glue",
    "leather, 3, contact-cement",
    "acrylic, 3, epoxy",
    "card, 0.3, wood-glue"
  })
  void the_glue_that_is_proposed_follows_from_the_sheets(String id, double mm, String glueId) {
    Derived derived = derive(plate(id, mm, Profile.FLAT));

    assertThat(First.of(derived).choices().glue().taken().id()).isEqualTo(glueId);
    assertThat(derived.shopping().orElseThrow().lines())
        .extracting(Shopping.Line::name)
        .contains(SHIPPED.glue(glueId).name());
  }

  /** Foam on plywood: what both take, not what the one in front likes best. */
  @Test
  void two_families_are_joined_with_what_both_take() {
    Project mixed =
        First.with(
            plate("plywood", 6.5, Profile.FLAT),
            Layering.of(
                List.of(Sheet.of("eva-stiff", 10), Sheet.of("plywood", 6.5)), Profile.FLAT));

    var way = First.of(derive(mixed)).choices().glue();

    assertThat(way.taken().id()).isEqualTo("polyurethane-glue");
    assertThat(way.reason()).isEqualTo("Holds both plywood or board and EVA foam.");
  }

  @Test
  void a_glue_that_does_not_hold_a_sheet_is_a_finding_that_mends_itself() {
    Project board = plate("plywood", 6.5, Profile.FLAT);
    Project wrong = PartEdits.glue(First.ID, Optional.of("hot-glue")).in(Prop.FIRST).applyTo(board);

    Finding finding = finding(derive(wrong), ".glue");

    assertThat(finding.title()).isEqualTo("Hot glue is not known to hold plywood or board");
    Project mended = finding.mends().getFirst().in(Prop.FIRST).applyTo(wrong);
    assertThat(mended).isEqualTo(board);
    assertThat(keys(derive(board))).noneMatch(it -> it.endsWith(".glue"));
  }

  private static Finding finding(Derived derived, String end) {
    return derived.findings().stream()
        .filter(it -> it.id().endsWith(end))
        .findFirst()
        .orElseThrow();
  }

  /** Common practice: board breaks where foam is rolled; plastics are formed warm. */
  @Test
  void what_does_not_bend_is_not_rolled() {
    assertThat(keys(derive(rolled("eva-stiff", 6)))).noneMatch(it -> it.contains("rigid"));
    assertThat(keys(derive(rolled("leather", 3)))).noneMatch(it -> it.contains("warm"));
    assertThat(finding(derive(rolled("abs", 2)), ".formed-warm").severity())
        .isEqualTo(Finding.Severity.WARNING);

    Project board = rolled("plywood", 4);
    Finding rigid = finding(derive(board), ".rigid");

    assertThat(rigid.severity()).isEqualTo(Finding.Severity.WRONG);
    Project mended = rigid.mends().getFirst().in(Prop.FIRST).applyTo(board);
    assertThat(keys(derive(mended))).noneMatch(it -> it.contains("rigid"));
    assertThat(keys(derive(mended))).noneMatch(it -> it.contains("unsold"));
  }

  @Test
  void what_is_not_sanded_keeps_its_edge() {
    Project felt = plate("wool-felt", 3, Profile.bevel(20, 2));
    Finding finding = finding(derive(felt), ".not-sanded");

    Project flat = finding.mends().getFirst().in(Prop.FIRST).applyTo(felt);

    assertThat(keys(derive(flat))).noneMatch(it -> it.contains("not-sanded"));
    assertThat(step(derive(flat), "/sand").title()).isEqualTo("Trim and clean the edges");
    assertThat(step(derive(plate("plywood", 9, Profile.FLAT)), "/sand").title())
        .isEqualTo("Sand smooth, 80 then 120 then 180 grit");
  }

  private static Step step(Derived derived, String end) {
    return derived.plan().orElseThrow().steps().stream()
        .filter(it -> it.id().endsWith(end))
        .findFirst()
        .orElseThrow();
  }

  /** PVC, vinyl and board say what their fumes and dust do, where they are worked. */
  @ParameterizedTest
  @CsvSource({"foamed-pvc, 6, hydrogen chloride", "plywood, 9, Wood dust", "acrylic, 4, Splinters"})
  void the_steps_say_what_a_sheet_can_do_to_a_person(String id, double mm, String words) {
    assertThat(step(derive(plate(id, mm, Profile.FLAT)), "/cut").cautions())
        .anyMatch(it -> it.contains(words));
  }

  @Test
  void board_is_sawn_and_foam_is_cut() {
    assertThat(step(derive(plate("plywood", 9, Profile.FLAT)), "/cut").tools())
        .anyMatch(it -> it.contains("saw"));
    assertThat(step(derive(plate("eva-stiff", 10, Profile.FLAT)), "/cut").tools())
        .noneMatch(it -> it.contains("saw"));
  }

  @Test
  void heat_seals_foam_alone() {
    Project board = plate("plywood", 6.5, Profile.FLAT);
    String heat =
        SHIPPED.coatings().stream().filter(it -> it.spread() == 0).findFirst().orElseThrow().id();
    Project sealed = stoutblade.edit.Edits.coats(First.ID, heat, 1).in(Prop.FIRST).applyTo(board);

    Finding finding = finding(derive(sealed), ".no-cells");

    assertThat(finding.title()).contains("plywood or board has none");
    assertThat(finding.mends().getFirst().in(Prop.FIRST).applyTo(sealed)).isEqualTo(board);
  }

  /**
   * By hand: both faces of the joint, 150 ml/m² each, 0.22 g/ml stay; all of the surface, two coats
   * of 120 ml/m², 0.5 g/ml stay; four are made.
   */
  @Test
  void glue_and_coats_are_weighed_when_they_are_dry() {
    Project plain = plate("eva-stiff", 10, Profile.FLAT);
    Project coated = stoutblade.edit.Edits.coats(First.ID, "pva", 2).in(Prop.FIRST).applyTo(plain);
    Part four = First.part(coated).withPlacing(Placing.USUAL.made(4, 2));

    Derived derived = derive(First.withParts(coated, List.of(four)));

    var body = First.of(derived).body().orElseThrow();
    double glue = body.glued().value() * 0.15 * 0.22e-3;
    double coats = body.surface().value() * 2 * 0.12 * 0.5e-3;
    double own = body.mass().orElseThrow().value();
    assertThat(First.of(derived).dried().orElseThrow().value())
        .isCloseTo(4 * (glue + coats), org.assertj.core.data.Offset.offset(1e-6));
    var whole = derived.first().whole();
    assertThat(whole.mass().orElseThrow().value())
        .isCloseTo(4 * (own + glue + coats), org.assertj.core.data.Offset.offset(1e-6));
    assertThat(whole.mass().orElseThrow().label()).isEqualTo("Whole prop, weight");
  }

  /** A stack is found among foams: nobody wants 40 mm of card in a blade. */
  @Test
  void stacks_are_found_among_foams() {
    assertThat(SHIPPED.foams())
        .isNotEmpty()
        .allMatch(it -> SHIPPED.family(it).foam())
        .hasSizeLessThan(SHIPPED.sheets().size());
  }
}
