package stoutblade.event;

import stoutblade.catalogue.Rod;

/** What an event says of cores. */
public enum CoreRule {
  ANY("any core"),
  NO_METAL("no metal in a core"),
  NONE("no hard core at all");

  private final String words;

  CoreRule(String words) {
    this.words = words;
  }

  /** The words on the screen. */
  public String words() {
    return words;
  }

  /** True where such a rod may be in a prop there. */
  public boolean allows(Rod rod) {
    return switch (this) {
      case ANY -> true;
      case NO_METAL -> !rod.metal();
      case NONE -> false;
    };
  }
}
