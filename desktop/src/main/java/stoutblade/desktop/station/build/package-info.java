/** Build: the steps in order, and their places on the calendar. */
package stoutblade.desktop.station.build;
