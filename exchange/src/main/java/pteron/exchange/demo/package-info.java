/** Demo plans that ship with the application; invented. */
package pteron.exchange.demo;
