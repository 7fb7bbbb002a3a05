package stoutblade.desktop;

/** Names of style classes; what they look like stands in {@code stoutblade.css} alone. */
public final class Style {

  public static final String BENCH = "bench";
  public static final String TAPE = "tape";
  public static final String TAPE_MARK = "tape-mark";
  public static final String TAPE_NUMBER = "tape-number";
  public static final String TAPE_NAME = "tape-name";
  public static final String TAPE_FLAG = "tape-flag";
  public static final String TAPE_END = "tape-end";
  public static final String RACK = "rack";
  public static final String RACK_CARD = "rack-card";
  public static final String SLIP = "slip";
  public static final String SLIP_TITLE = "slip-title";
  public static final String FIGURE = "figure";
  public static final String FIGURE_LARGE = "figure-large";
  public static final String FIGURE_CHANGE = "figure-change";
  public static final String FIGURE_GROUP = "figure-group";
  public static final String FIGURE_LABEL = "figure-label";
  public static final String FIGURE_VALUE = "figure-value";
  public static final String WORKING = "working";
  public static final String WORKING_FORMULA = "working-formula";
  public static final String SOFT = "soft";
  public static final String SHELF = "shelf";
  public static final String CHIP = "chip";
  public static final String MASKING = "masking";
  public static final String MASKING_TITLE = "masking-title";
  public static final String TRAY = "tray";
  public static final String TRAY_LABEL = "tray-label";
  public static final String FAULTY = "faulty";
  public static final String NOTICE = "notice";
  public static final String NOTICE_LIST = "notice-list";
  public static final String NOTICE_ENTRY = "notice-entry";
  public static final String MAT = "mat";
  public static final String LIST = "bench-list";
  public static final String CARD = "card-row";
  public static final String ROW = "card-button";
  public static final String COMMANDS = "commands";
  public static final String KEY = "key-cap";
  public static final String FOLD = "fold";
  public static final String COVER = "cover";
  public static final String FIRST_PATH = "first-path";
  public static final String FIRST_NUMBER = "first-number";
  public static final String MORE = "more";
  public static final String FLOATING = "floating";
  public static final String PLACELESS = "placeless";
  public static final String CARD_TITLE = "card-title";
  public static final String CAUTION = "caution";
  public static final String PRIMARY = "primary";
  public static final String HEADING = "heading";

  public static final String MAT_NOTE = "mat-note";
  public static final String HOW = "how";
  public static final String RACK_PROP = "rack-prop";
  public static final String RACK_PARTS = "rack-parts";
  public static final String SUM_TILE = "sum-tile";

  /** A place where things are dots by two of their figures. */
  public static final String DOT_PLOT = "dot-plot";

  /** One of those dots. */
  public static final String DOT = "dot";

  public static final String TOOL = "tool";
  public static final String STRIP = "contact-strip";
  public static final String STRIP_CARD = "strip-card";
  public static final String AGREEMENT = "agreement";
  public static final String AGREEMENT_TITLE = "agreement-title";
  public static final String AGREEMENT_BAND = "agreement-band";
  public static final String AGREEMENT_BAR = "agreement-bar";

  private Style() {}

  /** What stands for an id of ours in that of a node: without the marks that selectors read. */
  public static String nodeId(String own) {
    return own.replace('.', '-').replace('/', '-');
  }
}
