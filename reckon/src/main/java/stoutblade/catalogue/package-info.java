/** The materials that can be chosen, with their properties and where those come from. */
package stoutblade.catalogue;
