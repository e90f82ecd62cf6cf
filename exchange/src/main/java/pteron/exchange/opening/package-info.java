/** What openings give to files and paper: the units to buy, the views of walls. */
package pteron.exchange.opening;
