package stoutblade.template;

import stoutblade.shape.Point;

/**
 * Words on a template.
 *
 * @param text the words
 * @param at the middle of the words, in mm
 * @param sizeMm height of the letters' em, in mm
 * @param upright true where they run across; false where they run along the blade
 */
public record Label(String text, Point at, double sizeMm, boolean upright) {}
