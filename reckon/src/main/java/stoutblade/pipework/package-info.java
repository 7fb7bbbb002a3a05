/**
 * Skeletons of pipes and fittings: which fitting stands at each joint, and how long each pipe is
 * cut.
 */
package stoutblade.pipework;
