/** The tally on the screen: how many members there are, panel by panel as a table. */
package pteron.app.tally;
