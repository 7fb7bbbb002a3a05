/** Log: what was built against the plan. */
package stoutblade.desktop.station.log;
