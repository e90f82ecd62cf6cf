/** Sealing on the screen: how much sealant it takes. */
package pteron.app.sealing;
