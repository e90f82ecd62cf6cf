/** Commands: one object for each thing that can be done, which feeds menu, button, shortcut and search. */
package pteron.app.action;
