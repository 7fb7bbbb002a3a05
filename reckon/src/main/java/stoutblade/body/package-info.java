/**
 * What follows from a part's shape and sheets: all that core, finish, steps, shopping and weight
 * know of it, so that none of them asks what shape it is.
 */
package stoutblade.body;
