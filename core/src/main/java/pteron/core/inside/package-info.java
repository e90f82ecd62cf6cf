/**
 * The room inside of the layers.
 *
 * <p>x back from the front face, z up from the underside (mm).
 *
 * <ol>
 *   <li>Every piece of the outline takes its layers off the side: a band as thick as wall or roof; the
 *       floor takes its own.
 *   <li>What is left is the room; of several pieces the largest.
 *   <li>It is measured: standing height along the length, longest beds, sills, volume.
 * </ol>
 */
package pteron.core.inside;
