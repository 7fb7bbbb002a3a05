/** Layers: the sheets of a part and its cross-section, in section, taken apart and finished. */
package stoutblade.desktop.station.layers;
