/**
 * Parts of a prop as they are drafted: one blade, drawn as half an outline, with what is worked
 * into it.
 */
package stoutblade.part;
