package stoutblade.desktop.texts;

import java.text.MessageFormat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.ResourceBundle;
import java.util.Set;

/**
 * The window's words: one file of texts for each station, asked for by key. Where there are files
 * in the language of the system, the words are theirs.
 */
public final class Texts {

  /** What belongs to no one station. */
  public static final Texts WINDOW = new Texts("window");

  /** Size. */
  public static final Texts SIZE = new Texts("size");

  /** Draft. */
  public static final Texts DRAFT = new Texts("draft");

  /** Layers. */
  public static final Texts LAYERS = new Texts("layers");

  /** Core. */
  public static final Texts CORE = new Texts("core");

  /** Cut. */
  public static final Texts CUT = new Texts("cut");

  /** Build. */
  public static final Texts BUILD = new Texts("build");

  /** Finish. */
  public static final Texts FINISH = new Texts("finish");

  /** Log. */
  public static final Texts LOG = new Texts("log");

  /** The bench sums. */
  public static final Texts SUMS = new Texts("sums");

  private static final List<Texts> ALL =
      List.of(WINDOW, SIZE, DRAFT, LAYERS, CORE, CUT, BUILD, FINISH, LOG, SUMS);

  private final String name;
  private final Locale language;
  private ResourceBundle file;

  private Texts(String name) {
    this(name, Locale.getDefault());
  }

  Texts(String name, Locale language) {
    this.name = name;
    this.language = language;
  }

  /**
   * The words of a text.
   *
   * @param with what stands in its places {0}, {1} and so on, as {@link MessageFormat} writes them;
   *     an apostrophe in a text is one
   * @throws java.util.MissingResourceException if no file has the key
   */
  public String of(String key, Object... with) {
    ResourceBundle from = file();
    String text = from.getString(key);
    if (with.length == 0) {
      return text;
    }
    return new MessageFormat(text.replace("'", "''"), from.getLocale()).format(with);
  }

  /** The words of a text of whatever file has it. */
  public static Optional<String> find(String key) {
    return ALL.stream()
        .map(Texts::file)
        .filter(it -> it.containsKey(key))
        .findFirst()
        .map(it -> it.getString(key));
  }

  /** The keys of its texts. */
  public Set<String> keys() {
    return file().keySet();
  }

  /** Read when the first text of it is asked for: a start reads what it shows. */
  private synchronized ResourceBundle file() {
    if (file == null) {
      file = ResourceBundle.getBundle(Texts.class.getPackageName() + '.' + name, language);
    }
    return file;
  }
}
