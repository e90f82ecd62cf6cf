/** The make-up on the screen: how warm the walls are, tools for layers, tables of schools, glues, materials. */
package pteron.app.makeup;
