/**
 * Shapes that are wrapped, turned or folded, laid out flat: from a few sizes and the foam's
 * thickness to panels whose edges know what they are glued to.
 *
 * <p>SheetMaterial bends about the middle of its thickness: what lies there keeps its length, so
 * every shape is developed there. A {@link stoutblade.develop.Form} gives {@link
 * stoutblade.develop.Developed} panels with the figures behind them.
 */
package stoutblade.develop;
