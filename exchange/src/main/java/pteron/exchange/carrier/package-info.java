/** What the carrier gives to files and paper: its words. */
package pteron.exchange.carrier;
