/**
 * A model cut into layers of foam: the outline of every layer, hollowed where that is wanted, pegs
 * through the layers, and pieces where a sheet is too small.
 */
package stoutblade.slice;
