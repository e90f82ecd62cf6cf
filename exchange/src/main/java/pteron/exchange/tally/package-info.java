/** What the tally gives to files and paper: a list and a table of members by panel. */
package pteron.exchange.tally;
