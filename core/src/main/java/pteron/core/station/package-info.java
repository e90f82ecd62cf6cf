/**
 * The stops of the route, in the order of the work: {@link pteron.core.station.Station}. The one list of them; each
 * module registers beside it what a station has there.
 */
package pteron.core.station;
