/** What the frame gives to files and paper: cut list, checks, members. */
package pteron.exchange.frame;
