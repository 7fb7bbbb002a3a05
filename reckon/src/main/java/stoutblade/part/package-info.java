/** Parts of a prop as they are drafted: for now one blade, drawn as half an outline. */
package stoutblade.part;
