/**
 * Triangle meshes: what is broken about them, their outlines from a side, and sections through
 * them. Coordinates are in the mesh's own units.
 */
package stoutblade.mesh;
