/** Finish: the coats in their order. */
package stoutblade.desktop.station.finish;
