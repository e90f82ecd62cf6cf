/**
 * What a stop of the route is: {@link pteron.core.station.Station}. Each station stands in the package of its first
 * stage; the one ordered list of them is {@code pteron.core.model.Route}.
 */
package pteron.core.station;
