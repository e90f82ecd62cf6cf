/** What the outline gives to files and paper: uprights, the strip, the unfolded view. */
package pteron.exchange.outline;
