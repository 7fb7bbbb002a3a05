/** The finish: seal, primer, paint and clear coat, as coats over an area, with what they use up. */
package stoutblade.finish;
