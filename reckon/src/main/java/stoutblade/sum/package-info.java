/**
 * Bench sums: the formulas of the trade as small calculators that need no project. Each is asked
 * for a few sizes and answers with figures, a drawing and what to mind.
 */
package stoutblade.sum;
