/** Counts the members of every panel. */
package pteron.core.tally;
