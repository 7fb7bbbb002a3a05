/**
 * Reference pictures brought to real size: what is marked on them, the millimetres that a pixel
 * stands for with its doubt, and whether a second marked length agrees.
 */
package stoutblade.reference;
