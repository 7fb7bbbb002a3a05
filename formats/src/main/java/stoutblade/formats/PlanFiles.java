package stoutblade.formats;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.DateEnd;
import biweekly.property.DateStart;
import java.io.IOException;
import java.io.StringWriter;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Date;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import stoutblade.build.Plan;
import stoutblade.build.Step;
import stoutblade.event.Event;
import stoutblade.measure.Figure;
import stoutblade.measure.Units;
import stoutblade.stock.CutList;
import stoutblade.stock.HandCut;
import stoutblade.stock.LengthPlan;
import stoutblade.stock.Shopping;

/** The plan and the shopping list as files for other programs: CSV (RFC 4180) and iCalendar. */
public final class PlanFiles {

  private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");

  private static final int OCTETS = 75;
  private static final int DECIMALS = 3;

  /** By this spreadsheets know that the text is in UTF-8. */
  private static final String BYTE_ORDER_MARK = "\uFEFF";

  private PlanFiles() {}

  /** Writes the plan as CSV: a line for each sitting of each step. */
  public static void writeCsv(Path file, Plan plan) throws IOException {
    SafeWrite.write(file, (BYTE_ORDER_MARK + csv(plan)).getBytes(StandardCharsets.UTF_8));
  }

  /** The plan as CSV. */
  public static String csv(Plan plan) throws IOException {
    StringWriter text = new StringWriter();
    try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
      csv.printRecord(
          "step",
          "title",
          "from",
          "to",
          "minutes",
          "needs",
          "not before (min)",
          "not after (min)",
          "tools",
          "cautions");
      for (Plan.Placed placed : plan.placed()) {
        for (Plan.Sitting sitting : placed.sittings()) {
          line(csv, placed.step(), sitting);
        }
      }
    }
    return text.toString();
  }

  private static void line(CSVPrinter csv, Step step, Plan.Sitting sitting) throws IOException {
    csv.printRecord(
        step.id(),
        step.title(),
        TIME.format(sitting.from()),
        TIME.format(sitting.to()),
        sitting.minutes(),
        String.join("; ", step.needs().stream().map(Step.Need::stepId).toList()),
        String.join("; ", step.needs().stream().map(it -> minutes(it.notBefore())).toList()),
        String.join(
            "; ",
            step.needs().stream()
                .map(it -> it.notAfter().isPresent() ? minutes(it.notAfter().getAsDouble()) : "")
                .toList()),
        String.join("; ", step.tools()),
        String.join(" ", step.cautions()));
  }

  private static String minutes(double value) {
    return Long.toString(Math.round(value));
  }

  /**
   * Writes the plan and the event as iCalendar (RFC 5545), in floating local time.
   *
   * @param project the project's name: entries of two projects stay apart in one calendar
   */
  public static void writeCalendar(
      Path file, String project, Plan plan, Event event, LocalDateTime now) throws IOException {
    SafeWrite.write(file, calendar(project, plan, event, now).getBytes(StandardCharsets.UTF_8));
  }

  /** The plan and the event as iCalendar. */
  public static String calendar(String project, Plan plan, Event event, LocalDateTime now) {
    String own = UUID.nameUUIDFromBytes(project.getBytes(StandardCharsets.UTF_8)).toString();
    ICalendar calendar = new ICalendar();
    calendar.setProductId("-//Stout Blade//plan//EN");
    for (Plan.Placed placed : plan.placed()) {
      int part = 0;
      for (Plan.Sitting sitting : placed.sittings()) {
        part++;
        VEvent entry =
            entry(own + "-" + placed.step().id() + "-" + part, placed.step().title(), now);
        entry.setDescription(description(placed.step()));
        period(calendar, entry, sitting.from(), sitting.to());
        calendar.addEvent(entry);
      }
    }
    VEvent there = entry(own + "-event", event.name(), now);
    period(calendar, there, event.starts(), event.starts().plusHours(1));
    calendar.addEvent(there);
    return folded(Biweekly.write(calendar).go());
  }

  /** Lines of no more than 75 octets (RFC 5545, 3.1); the library counts characters. */
  private static String folded(String written) {
    StringBuilder text = new StringBuilder();
    for (String line : written.replace("\r\n ", "").lines().toList()) {
      int octets = 0;
      for (int i = 0; i < line.length(); ) {
        int point = line.codePointAt(i);
        String one = Character.toString(point);
        int more = one.getBytes(StandardCharsets.UTF_8).length;
        if (octets + more > OCTETS) {
          text.append("\r\n ");
          octets = 1;
        }
        text.append(one);
        octets += more;
        i += one.length();
      }
      text.append("\r\n");
    }
    return text.toString();
  }

  private static VEvent entry(String id, String title, LocalDateTime now) {
    VEvent entry = new VEvent();
    entry.setUid(id + "@stoutblade.invalid");
    entry.setSummary(title);
    entry.setDateTimeStamp(Date.from(now.toInstant(ZoneOffset.UTC)));
    return entry;
  }

  /** Sets start and end as times on the wall, wherever the maker is. */
  private static void period(
      ICalendar calendar, VEvent entry, LocalDateTime from, LocalDateTime to) {
    entry.setDateStart(new DateStart(wall(from), true));
    entry.setDateEnd(new DateEnd(wall(to), true));
    calendar.getTimezoneInfo().setFloating(entry.getDateStart(), true);
    calendar.getTimezoneInfo().setFloating(entry.getDateEnd(), true);
  }

  private static Date wall(LocalDateTime time) {
    return Date.from(time.atZone(ZoneId.systemDefault()).toInstant());
  }

  private static String description(Step step) {
    return step.why()
        + (step.tools().isEmpty() ? "" : "\nTools: " + String.join(", ", step.tools()))
        + (step.cautions().isEmpty() ? "" : "\nCaution: " + String.join(" ", step.cautions()));
  }

  /** A number that any program reads. */
  private static String plain(Figure figure) {
    return BigDecimal.valueOf(figure.value())
        .setScale(DECIMALS, RoundingMode.HALF_UP)
        .stripTrailingZeros()
        .toPlainString();
  }

  /** Writes the list to buy as CSV: numbers in columns of their own, each line with its unit. */
  public static void writeShopping(Path file, Shopping shopping, Units units) throws IOException {
    StringWriter text = new StringWriter();
    try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
      csv.printRecord("what", "needed", "unit", "to buy", "needed, in words");
      for (Shopping.Line line : shopping.lines()) {
        csv.printRecord(
            line.name(),
            plain(line.need()),
            line.need().quantity().unit(),
            plain(line.buy()),
            line.need().show(units));
      }
    }
    SafeWrite.write(file, (BYTE_ORDER_MARK + text.toString()).getBytes(StandardCharsets.UTF_8));
  }

  /** Writes what is sawn from which length as CSV, one piece a line, lengths in mm. */
  public static void writeLengths(Path file, Shopping shopping) throws IOException {
    StringWriter text = new StringWriter();
    try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
      csv.printRecord(
          "of",
          "length number",
          "its length, mm",
          "there already",
          "piece",
          "sawn to, mm",
          "left of this length, mm");
      for (Shopping.Line line : shopping.lines()) {
        List<LengthPlan.Bar> bars = line.sawn().map(LengthPlan::bars).orElse(List.of());
        for (int i = 0; i < bars.size(); i++) {
          for (LengthPlan.Cut cut : bars.get(i).cuts()) {
            LengthPlan.Bar bar = bars.get(i);
            csv.printRecord(
                line.name(),
                i + 1,
                tenth(bar.longMm()),
                bar.there() ? "yes" : "no",
                cut.name(),
                tenth(cut.mm()),
                tenth(bar.leftMm()));
          }
        }
      }
    }
    SafeWrite.write(file, (BYTE_ORDER_MARK + text.toString()).getBytes(StandardCharsets.UTF_8));
  }

  /** Writes the cut list: a row for each piece that is cut from a sheet. */
  public static void writePieces(Path file, CutList pieces) throws IOException {
    StringWriter text = new StringWriter();
    try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
      csv.printRecord(
          "number",
          "copy",
          "part",
          "piece",
          "sheet",
          "thickness, mm",
          "hand",
          "width, mm",
          "height, mm",
          "area, cm²",
          "cuts by hand",
          "fence, mm",
          "table, °",
          "ends, °");
      for (CutList.Kind kind : pieces.kinds()) {
        for (CutList.Entry it : kind.entries()) {
          HandCut byHand = HandCut.of(it.piece());
          Optional<HandCut.Fence> fence = byHand.fence();
          for (int copy = 1; copy <= it.count(); copy++) {
            csv.printRecord(
                it.number(),
                copy,
                it.part(),
                it.name(),
                kind.foam().name(),
                tenth(kind.thicknessMm()),
                copy > it.count() - it.mirrored() ? "mirrored" : "as drawn",
                tenth(it.piece().box().width()),
                tenth(it.piece().box().height()),
                tenth(it.piece().areaMm2() / 100),
                byHand.cuts(),
                fence.map(own -> tenth(own.widthMm())).orElse(""),
                fence.map(own -> degrees(own.tilts())).orElse(""),
                fence.map(own -> degrees(own.ends())).orElse(""));
          }
        }
      }
    }
    SafeWrite.write(file, (BYTE_ORDER_MARK + text.toString()).getBytes(StandardCharsets.UTF_8));
  }

  private static String degrees(List<Double> all) {
    return all.stream()
        .map(it -> tenth(Math.toDegrees(Math.abs(it))))
        .distinct()
        .collect(Collectors.joining(" "));
  }

  private static String tenth(double mm) {
    return BigDecimal.valueOf(mm)
        .setScale(1, RoundingMode.HALF_UP)
        .stripTrailingZeros()
        .toPlainString();
  }
}
