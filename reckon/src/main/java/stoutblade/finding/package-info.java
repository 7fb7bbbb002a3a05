/** What is wrong or risky in a prop and its parts, where, why, and the edits that would mend it. */
package stoutblade.finding;
