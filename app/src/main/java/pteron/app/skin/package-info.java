/** Skins on the screen: how many sheets they take. */
package pteron.app.skin;
