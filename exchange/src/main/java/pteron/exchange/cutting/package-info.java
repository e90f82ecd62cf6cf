/** What cutting gives to files and paper: bars to buy and how they are cut. */
package pteron.exchange.cutting;
