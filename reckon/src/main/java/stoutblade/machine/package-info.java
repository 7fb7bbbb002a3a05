/**
 * What machines that cut sheets are told: lines in their order, with the width of the cut taken off
 * on the right side, and what would go wrong.
 */
package stoutblade.machine;
