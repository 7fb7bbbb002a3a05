package stoutblade.part;

import stoutblade.shape.HalfOutline;

/**
 * A blade as it is drafted.
 *
 * @param name what the maker calls it
 * @param half half its outline, in mm from the middle of its base
 */
public record Blade(String name, HalfOutline half) {

  /** The same blade with another outline. */
  public Blade with(HalfOutline outline) {
    return new Blade(name, outline);
  }
}
