/** What really happened: steps done with their times, glue clocks, the built thing measured. */
package stoutblade.journal;
