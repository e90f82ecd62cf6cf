/** The carrier on the screen: what it may still carry, its kind and parts, scales under its wheels. */
package pteron.app.carrier;
