package stoutblade.project;

/** The eight stations of the work, in order. */
public enum Station {
  SIZE(1, "Size"),
  DRAFT(2, "Draft"),
  LAYERS(3, "Layers"),
  CORE(4, "Core"),
  CUT(5, "Cut"),
  BUILD(6, "Build"),
  FINISH(7, "Finish"),
  LOG(8, "Log");

  private final int number;
  private final String title;

  Station(int number, String title) {
    this.number = number;
    this.title = title;
  }

  /** The name shown to a person. */
  public String title() {
    return title;
  }

  /** Its number, from 1. */
  public int number() {
    return number;
  }
}
