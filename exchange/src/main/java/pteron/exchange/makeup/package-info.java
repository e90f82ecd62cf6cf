/** What the make-up gives to files and paper: foam to buy, the glue of every joint, the cut through. */
package pteron.exchange.makeup;
