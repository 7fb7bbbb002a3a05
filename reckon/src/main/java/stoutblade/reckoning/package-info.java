/**
 * What follows from one prop and from each of its parts, remembered stage by stage by exactly what
 * each reads.
 */
package stoutblade.reckoning;
