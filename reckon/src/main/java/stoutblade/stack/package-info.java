/**
 * What is decided about the layers of a part: which sheets, in which order, and the cross-section
 * that they are worked to; and which sheets add up to a thickness.
 */
package stoutblade.stack;
