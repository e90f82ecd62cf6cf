/**
 * Simulated devices, marked as such. Each fills an interface of the core that a real device could fill.
 *
 * <p>What they answer follows from a seed, so that a run can be told again.
 */
package pteron.standins;
