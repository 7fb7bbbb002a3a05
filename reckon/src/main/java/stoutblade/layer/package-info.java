/**
 * A part as layers of foam that can be bought: the solid that they are worked to, the outline of
 * every layer, pockets in them, the cross-section at any place, volume, surface and glue faces.
 */
package stoutblade.layer;
