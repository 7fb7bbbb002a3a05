/**
 * What is worked into a part that is cut along an outline, and what comes of it: holes, bevels,
 * engraved lines, fullers, letters, ornament, recesses; the blank that it is worked in, the form
 * that is left, and where each thing lies.
 */
package stoutblade.feature;
