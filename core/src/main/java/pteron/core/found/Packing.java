package pteron.core.found;

/**
 * What goes between a low cross-member and the floor. Immutable.
 *
 * @param placeMm middle of the cross-member behind the box's front face (mm)
 * @param thickMm thickness (mm)
 * @param lengthMm length across the box (mm)
 */
public record Packing(double placeMm, double thickMm, double lengthMm) {}
