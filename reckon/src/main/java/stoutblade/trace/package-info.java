/**
 * Paper and pictures to outlines: a picture flattened, the edge between dark and light or between
 * colours followed to a fraction of a pixel, and brought to few nodes within a stated tolerance.
 */
package stoutblade.trace;
