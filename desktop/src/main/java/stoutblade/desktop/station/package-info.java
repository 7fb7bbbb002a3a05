/** The surfaces of the eight stations, with their view models. */
package stoutblade.desktop.station;
