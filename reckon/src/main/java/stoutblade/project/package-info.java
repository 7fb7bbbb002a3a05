/**
 * One project as a whole: the tree of what the user decided, the named edits from one tree to the
 * next, what is derived from a tree, what is wrong or risky in it, and the history.
 *
 * <p>Flow is one way: {@link stoutblade.project.Project} → {@link stoutblade.project.Derived} →
 * what a station draws. An {@link stoutblade.project.Edit} is a named function from project to
 * project.
 */
package stoutblade.project;
