/** What skins give to files and paper: sheets to buy, pieces to cut. */
package pteron.exchange.skin;
