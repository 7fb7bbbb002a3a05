package stoutblade.formats;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What style sheets say of elements, as far as it decides what is drawn and where: rules for tags,
 * classes and ids, the more particular over the less (CSS Selectors 3). Rules for things inside
 * others, for media and the like are not looked at.
 */
final class SvgStyles {

  private static final int MOST_RULES = 5000;
  private static final Set<String> KEPT =
      Set.of("display", "visibility", "transform", "transform-origin");
  private static final Pattern COMMENT = Pattern.compile("/\\*.*?\\*/", Pattern.DOTALL);
  private static final Pattern PART = Pattern.compile("([.#]?)([A-Za-z_][A-Za-z0-9_-]*)");

  /**
   * One rule.
   *
   * @param tag the tag that it is for; empty for any
   * @param classes classes that must all be there
   * @param id the id; empty for any
   * @param says what it sets
   */
  private record Rule(String tag, Set<String> classes, String id, Map<String, String> says) {

    int weight() {
      return (id.isEmpty() ? 0 : 10_000) + 100 * classes.size() + (tag.isEmpty() ? 0 : 1);
    }

    boolean fits(SvgTree.Element element, Set<String> own) {
      return (tag.isEmpty() || tag.equals(element.tag()))
          && (id.isEmpty() || id.equals(element.get("id")))
          && own.containsAll(classes);
    }
  }

  private final List<Rule> rules;

  private SvgStyles(List<Rule> rules) {
    this.rules = rules;
  }

  /** Reads style sheets; what is not understood is passed over, as the standard has it. */
  static SvgStyles of(String text) {
    List<Rule> all = new ArrayList<>();
    String bare = COMMENT.matcher(text).replaceAll(" ");
    int at = 0;
    while (all.size() < MOST_RULES) {
      int open = bare.indexOf('{', at);
      if (open < 0) {
        break;
      }
      String selectors = bare.substring(at, open).strip();
      int close = closing(bare, open);
      if (!selectors.startsWith("@")) {
        Map<String, String> says = declarations(bare.substring(open + 1, close));
        for (String selector : selectors.split(",", -1)) {
          rule(selector.strip(), says, all);
        }
      }
      at = close + 1;
      if (at > bare.length()) {
        break;
      }
    }
    all.sort(Comparator.comparingInt(Rule::weight));
    return new SvgStyles(all);
  }

  private static int closing(String text, int open) {
    int depth = 0;
    for (int i = open; i < text.length(); i++) {
      depth += text.charAt(i) == '{' ? 1 : text.charAt(i) == '}' ? -1 : 0;
      if (depth == 0) {
        return i;
      }
    }
    return text.length();
  }

  private static void rule(String selector, Map<String, String> says, List<Rule> into) {
    if (says.isEmpty() || selector.isEmpty()) {
      return;
    }
    String tag = "";
    String id = "";
    Set<String> classes = new HashSet<>();
    String rest = selector.startsWith("*") ? selector.substring(1) : selector;
    Matcher matcher = PART.matcher(rest);
    int end = 0;
    while (matcher.find() && matcher.start() == end) {
      end = matcher.end();
      switch (matcher.group(1)) {
        case "." -> classes.add(matcher.group(2));
        case "#" -> id = matcher.group(2);
        default -> tag = matcher.group(2);
      }
    }
    if (end == rest.length()) {
      into.add(new Rule(tag, classes, id, says));
    }
  }

  private static Map<String, String> declarations(String text) {
    Map<String, String> all = new HashMap<>();
    for (String one : text.split(";", -1)) {
      int colon = one.indexOf(':');
      if (colon > 0) {
        String key = one.substring(0, colon).strip().toLowerCase(Locale.ROOT);
        if (KEPT.contains(key)) {
          all.put(key, one.substring(colon + 1).replace("!important", "").strip());
        }
      }
    }
    return all;
  }

  /**
   * What is said of an element: by its attributes, by the sheets, and over all by its own style.
   */
  Map<String, String> of(SvgTree.Element element) {
    Map<String, String> all = new HashMap<>();
    KEPT.stream().filter(element.at()::containsKey).forEach(it -> all.put(it, element.get(it)));
    if (!rules.isEmpty()) {
      Set<String> classes =
          new HashSet<>(Arrays.asList(element.get("class").strip().split("\\s+", -1)));
      rules.stream().filter(it -> it.fits(element, classes)).forEach(it -> all.putAll(it.says()));
    }
    all.putAll(declarations(element.get("style")));
    return all;
  }
}
