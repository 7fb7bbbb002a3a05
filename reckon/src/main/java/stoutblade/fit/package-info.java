/**
 * The prop with its wearer: how it is carried, whether it fits the hand and the arm, drags on the
 * floor, and passes what is on the way.
 */
package stoutblade.fit;
