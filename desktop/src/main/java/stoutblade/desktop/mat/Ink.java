package stoutblade.desktop.mat;

/** The inks of the mat; each is a looked-up colour of the theme. */
public enum Ink {
  MAT("-sb-mat"),
  RULE("-sb-mat-rule"),
  RULE_STRONG("-sb-mat-rule-strong"),
  INK("-sb-ink"),
  SOFT("-sb-ink-soft"),
  PAPER("-sb-paper"),
  TAPE("-sb-tape"),
  TAPE_INK("-sb-tape-ink"),
  SELECTED("-sb-selected"),
  MEASURE("-sb-measure"),
  WRONG("-sb-wrong"),
  DONE("-sb-done"),
  FOAM("-sb-foam"),
  FOAM_DEEP("-sb-foam-deep"),
  CORE("-sb-core"),
  BODY("-sb-body");

  private final String lookedUp;

  Ink(String lookedUp) {
    this.lookedUp = lookedUp;
  }

  /** The name in the style sheet. */
  public String lookedUp() {
    return lookedUp;
  }
}
