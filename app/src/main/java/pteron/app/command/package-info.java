/**
 * The verbs of the command line: {@code open}, {@code demo}, {@code figures}, {@code export}, {@code shot},
 * {@code reckon}.
 *
 * <p>Exit status 0 done, 2 bad input with one line on standard error, 1 a fault of ours.
 */
package pteron.app.command;
