/**
 * How it looks: fonts, palette and style sheets, light and dark, on top of AtlantaFX.
 */
package pteron.app.style;
