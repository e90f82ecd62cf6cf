/** The one list of what stations give to files and paper, in the order of the work. */
package pteron.exchange.route;
