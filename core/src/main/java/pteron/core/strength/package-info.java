/**
 * Whether members bear their loads, to EN 1995-1-1 with the classes of EN 338.
 *
 * <p>N, mm, N/mm². Loads are factored 1.35 (permanent) and 1.5 (variable) for strength, not at all for
 * deflection. Utilisation is demand over capacity; above 1 fails. Factors go by the kind of wood, the plan's
 * service class and how long a load stands.
 *
 * <ol>
 *   <li>Studs and trimmers under wind, each with the width that it carries, by zones.
 *   <li>Roof bows under their weight and one person in the middle, and lifted by the wind.
 *   <li>Floor bearers between the carrier's cross-members and beyond the last one.
 *   <li>The sandwich between the bearers under one person on a heel: worked out and judged by
 *       {@link pteron.core.panel}, shown here beside the members.
 *   <li>Figures with their working; findings above 1 and close to it.
 * </ol>
 */
package pteron.core.strength;
