package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.CancellationException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.w3c.dom.Element;
import stoutblade.build.Plan;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.edit.WearerEdits;
import stoutblade.event.Event;
import stoutblade.measure.Units;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.reference.SizingRule;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.stock.Shopping;
import stoutblade.template.Template;

class OtherExportsTest {

  @TempDir private Path folder;

  /** The calendar is written by one library and read by another, which keeps to RFC 5545. */
  @Test
  void the_calendar_reads_back_by_another_library() throws IOException, ParserException {
    Derived derived = FormatSamples.derived();
    Plan plan = derived.plan().orElseThrow();
    String text = PlanFiles.calendar("Reed", plan, derived.project().event(), FormatSamples.NOW);

    Calendar calendar = new CalendarBuilder().build(new StringReader(text));

    calendar.validate();
    List<VEvent> events = calendar.getComponents(Component.VEVENT);
    assertThat(events).hasSize(sittings(plan) + 1);
    VEvent first = events.getFirst();
    Plan.Placed placed = plan.placed().getFirst();
    assertThat(first.getSummary().getValue()).isEqualTo(placed.step().title());
    Temporal start = first.getDateTimeStart().getDate();
    assertThat(LocalDateTime.from(start)).isEqualTo(placed.start());
    Plan.Placed careful =
        plan.placed().stream()
            .filter(it -> !it.step().cautions().isEmpty())
            .findFirst()
            .orElseThrow();
    assertThat(events)
        .filteredOn(it -> it.getSummary().getValue().equals(careful.step().title()))
        .isNotEmpty()
        .allMatch(it -> it.getDescription().getValue().contains("Caution:"));
    assertThat(text).contains("\r\n").doesNotContain("TZID");
  }

  /** RFC 5545, 3.1: a line has up to 75 octets; two projects share no id. */
  @Test
  void lines_of_the_calendar_are_short_and_ids_are_the_projects_own() throws IOException {
    Derived derived = FormatSamples.derived();
    Plan plan = derived.plan().orElseThrow();
    Event event = derived.project().event();
    Event there =
        new Event(
            "Fête de l’Île — ≥ 40 personnes déguisées, salle n° 3 côté jardin près de la fontaine",
            event.starts(),
            event.readyBeforeMinutes());
    String one = PlanFiles.calendar("Reed", plan, there, FormatSamples.NOW);
    String two = PlanFiles.calendar("Bell", plan, there, FormatSamples.NOW);

    for (String line : one.lines().toList()) {
      assertThat(line.getBytes(StandardCharsets.UTF_8).length).isLessThanOrEqualTo(75);
    }
    assertThat(one.replace("\r\n ", "")).contains("≥ 40 personnes déguisées");
    assertThat(ids(one)).doesNotContainAnyElementsOf(ids(two)).doesNotHaveDuplicates();
  }

  private static List<String> ids(String calendar) {
    return calendar.replace("\r\n ", "").lines().filter(it -> it.startsWith("UID:")).toList();
  }

  private static int sittings(Plan plan) {
    return plan.placed().stream().mapToInt(it -> it.sittings().size()).sum();
  }

  @Test
  void the_plan_reads_back_as_csv() throws IOException {
    Plan plan = FormatSamples.derived().plan().orElseThrow();

    try (CSVParser csv =
        CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .get()
            .parse(new StringReader(PlanFiles.csv(plan)))) {
      List<CSVRecord> records = csv.getRecords();
      assertThat(records).hasSize(sittings(plan));
      assertThat(records.getFirst().get("title"))
          .isEqualTo(plan.placed().getFirst().step().title());
      assertThat(records).allMatch(it -> Integer.parseInt(it.get("minutes")) > 0);
    }
  }

  @Test
  void every_figure_is_there_with_its_working_and_every_input_is_explained() throws IOException {
    JsonNode root = Json.MAPPER.readTree(FiguresJson.of(FormatSamples.derived(), Units.METRIC));
    Set<String> ids = new HashSet<>();
    root.path("figures").forEach(it -> ids.add(it.path("id").asText()));
    root.path("inputs").forEach(it -> ids.add(it.path("id").asText()));

    assertThat(root.path("figures").size()).isGreaterThan(60);
    for (String list : List.of("figures", "inputs")) {
      for (JsonNode figure : root.path(list)) {
        assertThat(figure.path("label").asText()).isNotBlank();
        assertThat(figure.path("value").isNumber()).isTrue();
        assertThat(figure.path("source").path("note").asText()).isNotBlank();
        figure.path("inputs").forEach(input -> assertThat(ids).contains(input.asText()));
        assertThat(figure.path("formula").asText()).doesNotContain("{");
      }
    }
  }

  @Test
  void the_svg_is_in_millimetres_at_true_size() throws Exception {
    Derived derived = FormatSamples.derived();
    Path file = folder.resolve("t.svg");
    TemplateSvg.write(file, First.template(derived).orElseThrow(), "Reed & cutter", "Scale 1 : 1");

    DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
    factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
    Element svg = factory.newDocumentBuilder().parse(file.toFile()).getDocumentElement();

    String[] box = svg.getAttribute("viewBox").split(" ", -1);
    assertThat(svg.getAttribute("width")).isEqualTo(box[2] + "mm");
    assertThat(svg.getAttribute("height")).isEqualTo(box[3] + "mm");
    List<Double> heights = new ArrayList<>();
    var groups = svg.getElementsByTagName("g");
    for (int i = 0; i < groups.getLength(); i++) {
      Element group = (Element) groups.item(i);
      if (group.getAttribute("id").equals("cut")) {
        String data = ((Element) group.getElementsByTagName("path").item(0)).getAttribute("d");
        // Of an arc only its end: the last two of its seven numbers.
        Matcher place = Pattern.compile("([-0-9.]+) ([-0-9.]+)(?= [A-Z]|$)").matcher(data);
        while (place.find()) {
          heights.add(Double.parseDouble(place.group(2)));
        }
      }
    }
    double drawn =
        heights.stream().mapToDouble(it -> it).max().orElseThrow()
            - heights.stream().mapToDouble(it -> it).min().orElseThrow();
    assertThat(drawn).isCloseTo(First.sizes(derived).length().value(), within(0.05));
    Template template = First.template(derived).orElseThrow();
    // A group for each purpose, one for each label, the labels together, and the check length.
    assertThat(groups.getLength())
        .isEqualTo(template.kinds().size() + template.labels().size() + 2);
    List<String> layers = new ArrayList<>();
    for (int i = 0; i < groups.getLength(); i++) {
      layers.add(((Element) groups.item(i)).getAttribute("data-layer"));
    }
    assertThat(layers)
        .containsAll(template.kinds().stream().map(Enum::name).toList())
        .contains("WORDS");
  }

  @Test
  void everything_is_exported_with_progress_and_can_be_cancelled() throws IOException {
    List<Double> shares = new ArrayList<>();

    List<Path> written =
        Exports.write(
                folder.resolve("out"),
                FormatSamples.derived(),
                Units.METRIC,
                FormatSamples.NOW,
                shares::add)
            .files();

    assertThat(written).hasSizeGreaterThan(10).allMatch(Files::isRegularFile);
    assertThat(shares).isSorted().last().isEqualTo(1.0);
    assertThatThrownBy(
            () ->
                Exports.write(
                    folder.resolve("cancelled"),
                    FormatSamples.derived(),
                    Units.METRIC,
                    FormatSamples.NOW,
                    share -> {
                      throw new CancellationException("stopped");
                    }))
        .isInstanceOf(CancellationException.class);
  }

  @Test
  void with_nothing_drawn_the_export_says_so() throws IOException {
    Project demo = FormatSamples.demo().project();
    Project empty = First.alone(First.withParts(demo, List.of()));
    Derived derived =
        new Reckoner(CatalogueFile.shipped()).derive(empty, FormatSamples.NOW, Units.METRIC);

    assertThatThrownBy(
            () -> Exports.write(folder, derived, Units.METRIC, FormatSamples.NOW, share -> {}))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("nothing to export yet. Trace half the blade");
  }

  /** A board of ten metres: what is left out is told, and the rest is there. */
  @Test
  void a_template_of_too_many_pages_is_left_out_with_a_word() throws IOException {
    Project demo = FormatSamples.demo().project();
    Part board = demo.first().parts().getFirst().withCore(Optional.empty()).times(15);
    Derived derived =
        new Reckoner(CatalogueFile.shipped())
            .derive(
                First.alone(First.withParts(demo, List.of(board))),
                FormatSamples.NOW,
                Units.METRIC);

    Exports.Written written =
        Exports.write(folder, derived, Units.METRIC, FormatSamples.NOW, share -> {});

    assertThat(written.leftOut())
        .isNotEmpty()
        .allSatisfy(it -> assertThat(it).contains("pages of A4"));
    assertThat(written.words(folder)).contains("Left out: 'Reedcutter leaf");
    assertThat(written.files()).anyMatch(it -> it.toString().endsWith(".svg"));
  }

  @Test
  void what_is_cut_of_a_foam_that_nobody_knows_ends_no_export() throws IOException {
    Project demo = FormatSamples.demo().project();
    Part lug =
        Part.of("d1", "Lug", new Cut(WholeOutline.circle(new Point(0, 0), 60)), "moon-foam", 10);
    Derived derived =
        new Reckoner(CatalogueFile.shipped())
            .derive(
                First.alone(First.withParts(demo, List.of(lug))), FormatSamples.NOW, Units.METRIC);

    Exports.Written written =
        Exports.write(folder, derived, Units.METRIC, FormatSamples.NOW, share -> {});

    assertThat(written.files()).anyMatch(it -> it.toString().endsWith("-figures.json"));
    assertThat(written.leftOut()).anyMatch(it -> it.startsWith("The list to buy"));
  }

  /** Numbers and units in columns of their own, and the mark by which spreadsheets know UTF-8. */
  @Test
  void lists_are_numbers_with_their_units() throws IOException {
    Path file = folder.resolve("list.csv");
    PlanFiles.writeShopping(file, FormatSamples.derived().shopping().orElseThrow(), Units.METRIC);

    String text = Files.readString(file);
    assertThat(text).startsWith("\uFEFFwhat,needed,unit,to buy");
    try (CSVParser csv =
        CSVParser.parse(text.substring(1), CSVFormat.RFC4180.builder().setHeader().get())) {
      assertThat(csv.getRecords())
          .isNotEmpty()
          .allSatisfy(
              it -> {
                assertThat(Double.parseDouble(it.get("needed"))).isPositive();
                assertThat(Double.parseDouble(it.get("to buy"))).isNotNegative();
              })
          .anySatisfy(it -> assertThat(it.get("unit")).isEqualTo("mm²"))
          .anySatisfy(it -> assertThat(it.get("unit")).isEqualTo("mm³"));
    }
  }

  @Test
  void file_names_are_plain() {
    assertThat(Exports.fileName("Fog Bell / №2 ../x")).isEqualTo("fog-bell-2-x");
    assertThat(Exports.fileName("***")).isEqualTo("prop");
  }

  /** Another wearer under the sizing rule of proportion: every template says by how much. */
  @Test
  void the_scale_says_by_what_factor_the_prop_was_enlarged() throws IOException {
    var demo = FormatSamples.demo().project();
    var understudy = WearerEdits.carriedBy(Prop.FIRST, "w2").applyTo(demo);
    var smaller =
        First.rule(SizingRule.IN_PROPORTION, understudy).in(Prop.FIRST).applyTo(understudy);
    Derived derived =
        new Reckoner(CatalogueFile.shipped()).derive(smaller, FormatSamples.NOW, Units.METRIC);

    assertThat(Exports.scale(derived.first(), Units.METRIC))
        .isEqualTo("Scale 1 : 1, for a wearer of 162 cm, 0.931 of its own world's size");
  }

  /** Read back by the library: the pieces of each length and what is left of it fill it. */
  @Test
  void what_is_sawn_from_each_length_has_a_line_for_each_piece() throws IOException {
    Path file = folder.resolve("lengths.csv");
    Shopping shopping = FormatSamples.derived().shopping().orElseThrow();
    PlanFiles.writeLengths(file, shopping);

    String text = Files.readString(file).substring(1);
    CSVFormat format = CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();
    Map<String, Double> filled = new TreeMap<>();
    try (CSVParser parser = CSVParser.parse(text, format)) {
      for (CSVRecord it : parser) {
        String length = it.get("of") + "/" + it.get("length number");
        double left = Double.parseDouble(it.get("left of this length, mm"));
        double before = filled.getOrDefault(length, left);
        filled.put(length, before + Double.parseDouble(it.get("sawn to, mm")));
      }
    }
    assertThat(filled).hasSizeGreaterThan(2);
    for (Shopping.Line line : shopping.lines()) {
      line.sawn()
          .ifPresent(
              plan -> {
                for (int i = 0; i < plan.bars().size(); i++) {
                  // What the saw takes is not in it: 2 mm between two pieces.
                  double kerf = 2.0 * (plan.bars().get(i).cuts().size() - 1);
                  assertThat(filled.get(line.name() + "/" + (i + 1)) + kerf)
                      .isCloseTo(plan.soldMm(), within(0.3));
                }
              });
    }
  }
}
