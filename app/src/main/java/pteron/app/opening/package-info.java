/** Openings on the screen: how many there are. */
package pteron.app.opening;
