package stoutblade.fit;

/** How a prop is held between its uses. */
public enum Pose {
  UPRIGHT("Upright"),
  HANGING("Hanging"),
  BACK("On the back"),
  ARM("On the arm");

  private final String words;

  Pose(String words) {
    this.words = words;
  }

  /** What it is called. */
  public String words() {
    return words;
  }
}
