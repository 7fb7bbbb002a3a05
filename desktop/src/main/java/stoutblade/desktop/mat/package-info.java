/** The mat: a ruled working surface at true scale on which things are drawn, moved and marked. */
package stoutblade.desktop.mat;
