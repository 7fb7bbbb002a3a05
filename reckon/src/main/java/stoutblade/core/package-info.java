/**
 * The prop's core: the rod or tube inside the foam. Whether it fits between the faces, the channel
 * it lies in, how far it droops, what the blade weighs and where it balances.
 */
package stoutblade.core;
