package pteron.core.cutting;

import com.google.ortools.Loader;
import com.google.ortools.linearsolver.MPSolver;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;

/** The library of the solvers, unpacked and linked once for the whole program. */
final class NativeSolvers {

    private static final System.Logger LOGGER = System.getLogger("pteron");

    private NativeSolvers() {}

    /** Loads when it is first asked for. */
    private static final class Loading {

        static final CompletableFuture<Boolean> DONE = new CompletableFuture<>();

        static {
            // On a thread that nobody interrupts: an interrupt closes the archive that is being
            // unpacked, for every later try too, and the loader says nothing.
            Thread.ofPlatform().daemon().name("solvers").start(() -> DONE.complete(load()));
        }

        private static boolean load() {
            try {
                Loader.loadNativeLibraries();
                MPSolver.createSolver("GLOP").delete();
                return true;
            } catch (RuntimeException | LinkageError e) {
                LOGGER.log(
                        System.Logger.Level.WARNING,
                        "the solvers cannot be loaded, so bars are cut without a proof; is there room in the folder for temporary files?",
                        e);
                return false;
            }
        }
    }

    /**
     * {@return whether the solvers can be used; waits until that is known}
     *
     * @param stopped asked while it waits; false is returned then
     */
    static boolean ready(BooleanSupplier stopped) {
        boolean interrupted = false;
        try {
            while (!stopped.getAsBoolean()) {
                try {
                    return Loading.DONE.get(Interruption.PATIENCE_MS, TimeUnit.MILLISECONDS);
                } catch (InterruptedException e) {
                    interrupted = true;
                } catch (TimeoutException e) {
                    // asks again whether to stop
                } catch (ExecutionException e) {
                    throw new IllegalStateException("Impossible state: loading never throws", e);
                }
            }
            return false;
        } finally {
            if (interrupted) {
                Thread.currentThread().interrupt();
            }
        }
    }
}
