/** What balance gives to files and paper: masses and where they sit. */
package pteron.exchange.balance;
