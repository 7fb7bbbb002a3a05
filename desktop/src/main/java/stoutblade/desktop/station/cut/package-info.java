/** Cut: templates on their pages, and what must be bought. */
package stoutblade.desktop.station.cut;
