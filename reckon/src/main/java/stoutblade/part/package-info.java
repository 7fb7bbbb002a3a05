/**
 * The parts of a prop: what shape each is (cut along an outline, wrapped or folded, flat pieces,
 * slices of a model, bought), with its sheets, core, coats and glues; where it is on the prop, what
 * is seen of it from the front, and how all are put together.
 */
package stoutblade.part;
