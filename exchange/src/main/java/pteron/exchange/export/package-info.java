/** Everything a box gives to the shop, written into one folder. */
package pteron.exchange.export;
