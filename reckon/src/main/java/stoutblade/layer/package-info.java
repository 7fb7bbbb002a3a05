/**
 * A part as layers of foam that can be bought: thickness, bevel, the shape of each layer, the
 * cross-section at any place, volume and surface.
 *
 * <p>The blade is two layers of one thickness about a middle plane. Between the bevel line and the
 * outline its thickness falls evenly with the distance to the edge, down to the edge's own
 * thickness; the base is not bevelled.
 */
package stoutblade.layer;
