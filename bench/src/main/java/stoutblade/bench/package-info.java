/**
 * Benchmarks: JMH for what computes and writes, and start-up as a ratio measured in one run. See
 * {@code docs/performance.md} for figures.
 */
package stoutblade.bench;
