/** The frame on the screen: how many members it has. */
package pteron.app.frame;
