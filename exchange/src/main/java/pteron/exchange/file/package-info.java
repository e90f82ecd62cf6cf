/**
 * Files written whole or not at all.
 *
 * <ol>
 *   <li>The bytes go into a new file beside the old one and are forced to the disk.
 *   <li>The new file takes the old one's name in one step.
 *   <li>{@link pteron.exchange.file.FileWords} says in a sentence what went wrong.
 * </ol>
 */
package pteron.exchange.file;
