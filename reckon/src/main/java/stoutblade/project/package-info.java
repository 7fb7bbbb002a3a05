/**
 * The tree of what the user decided: an event, its wearers and props, their parts.
 *
 * <p>Flow is one way: {@link stoutblade.project.Project} → {@link stoutblade.derive.Derived} → what
 * a station draws. An {@link stoutblade.edit.Edit} is a named function from project to project.
 */
package stoutblade.project;
