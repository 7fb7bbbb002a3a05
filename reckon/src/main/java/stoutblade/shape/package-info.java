/**
 * Plane geometry of outlines: points, cubic curves, outlines made of nodes, regions with holes.
 *
 * <p>Everything is in millimetres; on a blade {@code x} runs across from the centre line and {@code
 * y} along it from the base to the tip. Curves stay curves as long as possible; where they must
 * become straight pieces the tolerance is an argument. Booleans and offsets of regions are done by
 * the JTS library, with its arcs cut finely enough for the tolerance.
 */
package stoutblade.shape;
