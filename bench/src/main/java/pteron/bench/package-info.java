/** Benchmarks of the evaluation; {@code docs/performance.md} says how to repeat them. */
package pteron.bench;
