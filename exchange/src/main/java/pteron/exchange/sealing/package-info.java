/** What sealing gives to files and paper: sealant and tape to buy. */
package pteron.exchange.sealing;
