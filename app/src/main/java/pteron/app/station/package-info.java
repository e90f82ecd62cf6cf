/**
 * The stations of the route, in the order of the work, each with its one telling figure and its worst
 * margin.
 */
package pteron.app.station;
