/** Core: which rod, from where to where. */
package stoutblade.desktop.station.core;
