package stoutblade.desktop.texts;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.lang.classfile.ClassFile;
import java.lang.classfile.ClassModel;
import java.lang.classfile.CodeElement;
import java.lang.classfile.MethodModel;
import java.lang.classfile.instruction.ConstantInstruction;
import java.lang.classfile.instruction.FieldInstruction;
import java.lang.classfile.instruction.InvokeDynamicInstruction;
import java.lang.classfile.instruction.InvokeInstruction;
import java.lang.classfile.instruction.NewReferenceArrayInstruction;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.MessageFormat;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import stoutblade.part.Defaults;

/** The files of texts against what the compiled window asks of them. */
class TextsTest {

  private static final String TEXTS = "stoutblade/desktop/texts/Texts";

  /** Two letters or more beside a space, or a word that begins with a capital. */
  private static final Pattern WORDS =
      Pattern.compile(
          "(?s)(?![-#/.]\\p{L}).*(\\p{L}{2,}[:;,.]* | \\p{L}{2,}).*|\\p{Lu}[\\p{L}-]+[…:.,!?]*");

  /** Spaces, figures, signs and units of measure, which are the same in every language. */
  private static final Pattern UNITS =
      Pattern.compile("(?U)([\\W\\d\u0001_]|\\b(mm|cm|m|in|ft|g|kg|ml|kB|MB|min|h|s|px|Hz)\\b)*");

  /** What is never on screen: for whoever starts it in a terminal, or for us. */
  private static final Set<String> UNSEEN = Set.of("App", "Walk", "Theme", "Remembered", "Style");

  /** Names of fonts and of constants, days and times as a pattern, and a blade's own first name. */
  private static final Pattern NO_WORDS =
      Pattern.compile("Asap \\w+|[A-Z]+|(EEE )?d MMM.*|" + Defaults.FIRST);

  /** What goes to the log. */
  private static final Set<String> LOGGED =
      Set.of("Failed: \u0001", "Not worked out: \u0001", "Not cleared: \u0001");

  private record Asked(String file, String key, int places, String where) {}

  private static final List<Asked> ASKED = new ArrayList<>();
  private static final Map<String, Set<String>> ELSEWHERE = new HashMap<>();
  private static int calls;

  @BeforeAll
  static void read_the_classes() throws IOException, URISyntaxException {
    Path classes = Path.of(Texts.class.getProtectionDomain().getCodeSource().getLocation().toURI());
    try (Stream<Path> files = Files.walk(classes.resolve("stoutblade/desktop"))) {
      for (Path file : files.filter(it -> it.toString().endsWith(".class")).toList()) {
        read(ClassFile.of().parse(file));
      }
    }
  }

  private static void read(ClassModel model) {
    String name = model.thisClass().name().stringValue().replaceAll(".*/", "");
    for (MethodModel method : model.methods()) {
      List<CodeElement> code = new ArrayList<>();
      method.code().ifPresent(it -> it.elementStream().forEach(code::add));
      code.removeIf(it -> !(it instanceof java.lang.classfile.Instruction));
      for (int i = 0; i < code.size(); i++) {
        read(code, i, name);
      }
    }
  }

  private static void read(List<CodeElement> code, int i, String name) {
    switch (code.get(i)) {
      case InvokeInstruction it
          when it.owner().name().equalsString(TEXTS) && it.name().equalsString("of") ->
          calls++;
      case InvokeDynamicInstruction it ->
          it.bootstrapArgs().stream()
              .filter(String.class::isInstance)
              .forEach(own -> elsewhere(name, (String) own));
      case ConstantInstruction it when it.constantValue() instanceof String own -> {
        if (i > 0
            && code.get(i - 1) instanceof FieldInstruction from
            && from.type().equalsString("L" + TEXTS + ";")) {
          ASKED.add(
              new Asked(
                  from.name().stringValue().toLowerCase(Locale.ROOT), own, places(code, i), name));
        } else {
          elsewhere(name, own);
        }
      }
      default -> {}
    }
  }

  /** How many things are given with a key. */
  private static int places(List<CodeElement> code, int i) {
    return code.get(i + 1) instanceof ConstantInstruction count
            && code.get(i + 2) instanceof NewReferenceArrayInstruction
        ? (Integer) count.constantValue()
        : -1;
  }

  private static void elsewhere(String name, String words) {
    ELSEWHERE.computeIfAbsent(name, it -> new TreeSet<>()).add(words);
  }

  private static Texts of(String file) {
    return new Texts(file, Locale.ROOT);
  }

  @Test
  void every_text_that_is_asked_for_is_there_with_a_place_for_all_that_is_given() {
    // One call has no key of its own: what the figures are, by what their names end with.
    assertThat(ASKED).hasSizeGreaterThan(1000).hasSize(calls - 1);
    for (Asked it : ASKED) {
      assertThat(of(it.file).keys()).as(it.where).contains(it.key);
      String text = of(it.file).of(it.key);
      assertThat(places(text)).as("%s: %s in %s", it.where, it.key, it.file).isEqualTo(it.places);
    }
  }

  /** Each place is in a text, as {0} and so on; a text that is given nothing is no format. */
  private static int places(String text) {
    return text.matches("(?s).*\\{\\d.*")
        ? new MessageFormat(text.replace("'", "''"), Locale.ROOT).getFormatsByArgumentIndex().length
        : 0;
  }

  @Test
  void every_text_that_is_there_is_asked_for() {
    Set<String> asked = new TreeSet<>();
    ASKED.forEach(it -> asked.add(it.file + " " + it.key));
    Set<String> there = new TreeSet<>();
    Set<String> files = new TreeSet<>();
    ASKED.forEach(it -> files.add(it.file));
    for (String file : files) {
      of(file).keys().stream()
          .filter(it -> !it.matches("(what|figure)\\..*"))
          .forEach(it -> there.add(file + " " + it));
    }
    assertThat(files).hasSize(10);
    assertThat(there).isEqualTo(asked);
  }

  @Test
  void words_on_screen_stand_nowhere_else() {
    Set<String> found = new TreeSet<>();
    ELSEWHERE.forEach(
        (name, all) ->
            all.stream()
                .filter(it -> !UNSEEN.contains(name.replaceAll("\\$.*", "")))
                .filter(it -> WORDS.matcher(it).matches() && !UNITS.matcher(it).matches())
                .filter(it -> !LOGGED.contains(it))
                .filter(it -> !NO_WORDS.matcher(it).matches())
                .forEach(it -> found.add(name + ": " + it)));
    assertThat(found).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"0, 0 sheets", "1, 1 sheet", "2, 2 sheets", "1200, '1,200 sheets'"})
  void one_and_many_are_told_apart(int count, String words) {
    assertThat(of("cut").of("sheets-in-all", count)).isEqualTo(words);
  }

  @Test
  void another_language_is_a_file_beside_it() {
    Texts english = new Texts("probe", Locale.ENGLISH);
    Texts german = new Texts("probe", Locale.GERMAN);
    assertThat(english.of("of-all", 2, 1500)).isEqualTo("2 of the maker's 1,500");
    assertThat(german.of("of-all", 2, 1500)).isEqualTo("von 1.500 sind's 2");
    assertThat(german.of("not-translated")).isEqualTo("still English");
  }
}
