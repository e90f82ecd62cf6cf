/**
 * Values of cross-sections: bar, tube, angle and channel; area, both second moments, torsion constant, mass per metre.
 * Sizes in mm, the depth upright.
 */
package pteron.core.section;
