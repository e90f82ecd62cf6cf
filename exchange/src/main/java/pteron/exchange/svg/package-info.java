/** Drawings as SVG: {@link pteron.exchange.svg.DrawingSvg}. */
package pteron.exchange.svg;
