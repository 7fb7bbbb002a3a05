package stoutblade.template;

import stoutblade.shape.Point;

/**
 * Words on a template, running along the blade towards the tip.
 *
 * @param text the words
 * @param at the middle of the words, in mm
 * @param sizeMm height of the letters' em, in mm
 */
public record Label(String text, Point at, double sizeMm) {}
