/**
 * The Size station: a contact strip of pictures, models and the wearer, and for each of them a mat
 * with what is decided on it.
 */
package stoutblade.desktop.station.size;
