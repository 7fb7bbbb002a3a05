/**
 * The desktop application: the desk (what is open, its history, what is derived), the shell around
 * the stations, and how it starts.
 */
package stoutblade.desktop;
