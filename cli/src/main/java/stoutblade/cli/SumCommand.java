package stoutblade.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import picocli.CommandLine.Unmatched;
import stoutblade.develop.Form;
import stoutblade.formats.CatalogueFile;
import stoutblade.formats.FiguresJson;
import stoutblade.formats.TemplateDxf;
import stoutblade.formats.TemplateSvg;
import stoutblade.measure.Figure;
import stoutblade.measure.LengthEntry;
import stoutblade.measure.Units;
import stoutblade.sum.Answer;
import stoutblade.sum.Entry;
import stoutblade.sum.Sum;
import stoutblade.template.FlatTemplate;
import stoutblade.template.Making;
import stoutblade.template.Template;

/** One bench sum: {@code sum ring --across 2" --foam 10mm}. */
@Command(
    name = "sum",
    description = {
      "A bench sum: sum NAME --key value …, with lengths as people type them.",
      "Without a name it lists the sums; with a name and nothing else it uses the usual values."
    },
    mixinStandardHelpOptions = true)
final class SumCommand implements Callable<Integer> {

  @Spec private CommandSpec spec;

  @Option(names = "--json", description = "print figures with their working as JSON")
  private boolean json;

  @Option(
      names = "--units",
      paramLabel = "metric|inch",
      description = "units of bare numbers and of what is shown (default: metric)",
      converter = Main.UnitsConverter.class,
      defaultValue = "metric")
  private Units units;

  @Option(
      names = "--out",
      paramLabel = "FILE",
      description = "write the flat pieces at true size to a .svg or .dxf")
  private Path out;

  @Unmatched private List<String> words = new ArrayList<>();

  @Override
  public Integer call() throws IOException {
    PrintWriter to = spec.commandLine().getOut();
    if (words.isEmpty()) {
      for (Sum sum : Sum.ALL) {
        to.println(usage(sum));
      }
      return CommandLine.ExitCode.OK;
    }
    Sum sum =
        Sum.named(words.getFirst())
            .orElseThrow(
                () ->
                    new CommandLine.ParameterException(
                        spec.commandLine(),
                        "There is no sum '"
                            + words.getFirst()
                            + "'; './stoutblade sum' lists them all"));
    Answer answer = sum.answer(typed(sum), CatalogueFile.withUsersOwn(CatalogueFile.usersOwn()));
    if (out != null) {
      write(sum, answer);
    }
    if (json) {
      to.println(FiguresJson.of(sum.key(), answer.figures(), units));
      return CommandLine.ExitCode.OK;
    }
    for (Figure figure : answer.figures()) {
      to.println(figure.label() + ": " + figure.show(units));
      if (!figure.formula().isEmpty()) {
        to.println("    " + figure.inWords());
        to.println("    " + figure.inNumbers(units));
      }
    }
    answer.words().forEach(to::println);
    return CommandLine.ExitCode.OK;
  }

  private void write(Sum sum, Answer answer) throws IOException {
    Form form =
        answer
            .form()
            .orElseThrow(
                () ->
                    new IllegalArgumentException(
                        "'" + sum.key() + "' lays nothing out flat: there is nothing to write"));
    Template template =
        FlatTemplate.of(Making.once(sum.key(), sum.title()), form.develop(sum.key()), units);
    String name = out.toString().toLowerCase(Locale.ROOT);
    if (name.endsWith(".svg")) {
      TemplateSvg.write(out, template, sum.title(), "Scale 1 : 1");
    } else if (name.endsWith(".dxf")) {
      TemplateDxf.write(out, template);
    } else {
      throw new IllegalArgumentException("Pieces are written to .svg or .dxf; found '" + out + "'");
    }
  }

  private String usage(Sum sum) {
    StringBuilder line = new StringBuilder("%-9s%-14s".formatted(sum.key(), sum.title()));
    for (Entry entry : sum.entries()) {
      line.append(" --").append(entry.key());
      if (!entry.choices().isEmpty()) {
        line.append(' ').append(String.join("|", entry.choices()));
      }
    }
    return line.toString();
  }

  private Map<String, Double> typed(Sum sum) {
    Map<String, Double> typed = new LinkedHashMap<>();
    for (int i = 1; i < words.size(); i += 2) {
      String key = words.get(i);
      if (!key.startsWith("--") || i + 1 >= words.size()) {
        throw new CommandLine.ParameterException(
            spec.commandLine(),
            "After the sum's name come pairs such as --foam 10; found '" + key + "'");
      }
      String bare = key.substring(2);
      Entry entry =
          sum.entries().stream()
              .filter(it -> it.key().equals(bare))
              .findFirst()
              .orElseThrow(
                  () ->
                      new CommandLine.ParameterException(
                          spec.commandLine(), "'" + key + "' is not asked for: " + usage(sum)));
      typed.put(bare, value(entry, words.get(i + 1)));
    }
    return typed;
  }

  private double value(Entry entry, String text) {
    if (!entry.choices().isEmpty()) {
      int choice = entry.choices().indexOf(text.toLowerCase(Locale.ROOT));
      if (choice < 0) {
        throw fault(entry, text, "one of " + String.join(", ", entry.choices()));
      }
      return choice;
    }
    return switch (entry.quantity()) {
      case LENGTH -> LengthEntry.parse(text, units);
      case ANGLE -> Math.toRadians(number(entry, text.replace("°", ""), "degrees"));
      case MASS -> number(entry, text.replaceAll("\\s*g$", ""), "grams");
      default -> number(entry, text, "a number");
    };
  }

  private double number(Entry entry, String text, String expected) {
    try {
      return Double.parseDouble(text.strip().replace(',', '.'));
    } catch (NumberFormatException e) {
      throw fault(entry, text, expected);
    }
  }

  private CommandLine.ParameterException fault(Entry entry, String text, String expected) {
    return new CommandLine.ParameterException(
        spec.commandLine(), entry.label() + ": expected " + expected + "; found '" + text + "'");
  }
}
