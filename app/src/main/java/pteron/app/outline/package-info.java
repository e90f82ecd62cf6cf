/** The outline on the screen: its height, tools that shape it, its uprights as a table. */
package pteron.app.outline;
