/** The event that the prop is made for. */
package stoutblade.event;
