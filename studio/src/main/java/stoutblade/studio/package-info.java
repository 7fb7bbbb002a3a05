/**
 * Renders the demo's reference pictures: scenes described by distance functions, seen by a camera
 * whose position and focal length are known, with light, shadow, lens and sensor noise.
 *
 * <p>Not part of the application. Lengths here are metres; x to the right, y up, z towards the
 * camera.
 */
package stoutblade.studio;
