/**
 * The named edits from one project to the next, and the history of them: each gives a whole project
 * or says in words why it cannot be made.
 */
package stoutblade.edit;
