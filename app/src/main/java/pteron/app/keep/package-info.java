/**
 * Nothing is lost: what is kept besides the plan file, and what is told before something could go.
 *
 * <ol>
 *   <li>{@link pteron.app.keep.UserFolders}: where settings and kept things lie.
 *   <li>{@link pteron.app.keep.Keeper}: every two seconds the changed plan goes into a recovery file, and
 *       the plan's own file is looked at for changes by somebody else.
 *   <li>{@link pteron.app.keep.Recoveries}: what was kept by processes that ended without closing.
 *   <li>{@link pteron.app.keep.EarlierSaves}: the last twenty saves of a file.
 *   <li>{@link pteron.app.keep.OpenPlans}: which files are open, in this process or another.
 *   <li>{@link pteron.app.keep.Stamp}: by which a file is known again.
 *   <li>{@link pteron.app.keep.Faults}: reports of faults that nobody caught.
 * </ol>
 */
package pteron.app.keep;
