/**
 * The person who carries the prop: what is measured, what published body proportions say of the
 * rest, and an outline of the body to hold a prop against.
 */
package stoutblade.wearer;
