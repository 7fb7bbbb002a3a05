/**
 * The prop as parts beside its blade: plates that are outlined, shapes that are laid out flat,
 * pieces of a model; what is cut into them and drawn on them; and where each is on the prop, from
 * what it is fixed to.
 */
package stoutblade.prop;
