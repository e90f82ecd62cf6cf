/** Cutting on the screen: bars and waste, every bar with its cuts in place of the drawing. */
package pteron.app.cutting;
