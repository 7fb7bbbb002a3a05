/**
 * Curved surfaces that no formula develops, flattened with the least stretch: from a patch of a
 * mesh to a flat shape, with how much the foam has to give everywhere.
 */
package stoutblade.flatten;
