package pteron.core.carrier;

/**
 * Steel of the carrier that the box runs into. Immutable.
 *
 * @param part which: {@code rails}, {@code cross-members}, {@code outriggers}
 * @param count how many of them
 * @param overlapMm how far the box reaches below the top of the highest that it hits (mm), above 0
 * @param xMm where the first of them is hit, from the box's front face (mm)
 * @param zMm top of the steel over the underside of the box (mm)
 */
record SteelClash(String part, int count, double overlapMm, double xMm, double zMm) {

    /** {@return both together, the deeper one telling how far} */
    SteelClash and(SteelClash other) {
        SteelClash deeper = other.overlapMm > overlapMm ? other : this;
        return new SteelClash(part, count + other.count, deeper.overlapMm, xMm, zMm);
    }
}
