/**
 * Weighing a vehicle wheel by wheel.
 *
 * <ol>
 *   <li>{@link pteron.core.weighing.WheelScale} is a scale under one wheel or the coupler; a real one and a simulated
 *       one answer alike, with readings in kg that are never quite the same.
 *   <li>{@link pteron.core.weighing.Readings} takes several, tells mean and spread, and refuses those that jump.
 *   <li>{@link pteron.core.weighing.WeighIn} adds the wheels up to axles and puts them into a vehicle.
 * </ol>
 */
package pteron.core.weighing;
