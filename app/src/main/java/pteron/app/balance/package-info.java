/** Balance on the screen: the share on the front support. */
package pteron.app.balance;
