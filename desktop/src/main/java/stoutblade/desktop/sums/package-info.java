/** The bench sums: small calculators beside the stations, for use with no project. */
package stoutblade.desktop.sums;
