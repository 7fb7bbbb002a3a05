/**
 * The parts of a prop, each with its shape, sheets, core and coats, and how they are put together.
 */
package stoutblade.part;
