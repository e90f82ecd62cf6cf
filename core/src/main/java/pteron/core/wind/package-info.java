/**
 * Wind on walls and roofs, zone by zone, as parts of the wind's pressure (EN 1991-1-4, from memory). Pure functions of
 * numbers; lengths in mm, areas that carry in m², pressures in N/m².
 *
 * <p>Axes of a piece of roof seen from above: u from its front to its rear, v from the left to the right. Every
 * direction of the wind is tried, along and across the box, from both ends and both sides; the worst of them counts. A
 * part feels the mean over the width that it carries, not the zone that lies at its middle.
 *
 * <ol>
 *   <li>{@link pteron.core.wind.Wind}: pressure of a gust.
 *   <li>{@link pteron.core.wind.Coefficient} and {@link pteron.core.wind.Zone}: what wind does to a place, outside alone
 *       and together with the inside.
 *   <li>{@link pteron.core.wind.WallWind}: walls, and what is as steep.
 *   <li>{@link pteron.core.wind.RoofForm}: flat, one slope, two slopes, vaulted; told by {@link
 *       pteron.core.wind.BoxInWind} for the pieces of an outline.
 *   <li>{@link pteron.core.wind.RoofRows}: the tables by slope.
 *   <li>{@link pteron.core.wind.RoofZones}: where the zones of a piece lie in each direction of the wind.
 *   <li>{@link pteron.core.wind.RoofWind}: the worst on a part of a roof.
 * </ol>
 */
package pteron.core.wind;
