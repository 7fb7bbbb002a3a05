/**
 * Making it: the steps that follow from what was decided, with their time, waiting, needs, tools
 * and cautions; their places on a calendar counted back from the event; the clock of a glue joint.
 */
package stoutblade.build;
