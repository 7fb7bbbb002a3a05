/**
 * Templates at full size: what is drawn on each, how many copies and which are mirrored, and how a
 * template is spread over sheets of paper that are joined.
 */
package stoutblade.template;
