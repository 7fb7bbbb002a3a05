/**
 * Draft: the outline of the blade or of a plate, what is worked into it, and the prop put together.
 */
package stoutblade.desktop.station.draft;
