/**
 * Everything that follows from a project: its props, what all of them share (coats, list, plan,
 * comparison) and the findings.
 */
package stoutblade.derive;
