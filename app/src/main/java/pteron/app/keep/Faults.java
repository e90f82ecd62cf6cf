package pteron.app.keep;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;
import pteron.exchange.file.WholeFile;

/** Faults that nobody caught: each gets a report in the user's data folder and is told in a sentence. */
public final class Faults {

    private static final System.Logger LOGGER = System.getLogger("pteron");
    private static final List<Consumer<String>> LISTENERS = new CopyOnWriteArrayList<>();

    private Faults() {}

    /** Catches what nobody else does, on every thread. */
    public static void catchAll() {
        Thread.setDefaultUncaughtExceptionHandler((thread, fault) -> report(fault));
    }

    /** Tells a listener every fault, on the thread where it happened. */
    public static void tell(Consumer<String> listener) {
        LISTENERS.add(listener);
    }

    /** Ends telling. */
    public static void stopTelling(Consumer<String> listener) {
        LISTENERS.remove(listener);
    }

    /** Notes something that is a comfort lost and no work, such as a list of recent files. */
    static void note(Exception fault) {
        LOGGER.log(System.Logger.Level.DEBUG, "not kept", fault);
    }

    /**
     * Writes a report of a fault and tells it.
     *
     * @return a sentence for the builder
     */
    public static String report(Throwable fault) {
        String sentence =
                written(fault)
                        .map(
                                file ->
                                        "Internal error. Your plan is safe. Report saved in "
                                                + file
                                                + ". Please send it to us.")
                        .orElse("Internal error. Your plan is safe: save it under another name.");
        System.err.println("pteron: internal error: " + fault);
        LISTENERS.forEach(listener -> listener.accept(sentence));
        return sentence;
    }

    private static Optional<Path> written(Throwable fault) {
        try {
            Path folder = UserFolders.data().resolve("reports");
            Files.createDirectories(folder);
            Instant now = Instant.now();
            Path file = folder.resolve("fault-" + now.toString().replace(':', '.') + ".txt");
            WholeFile.write(file, text(fault, now).getBytes(StandardCharsets.UTF_8));
            return Optional.of(file);
        } catch (IOException e) {
            note(e);
            return Optional.empty();
        }
    }

    private static String text(Throwable fault, Instant now) {
        StringWriter text = new StringWriter();
        PrintWriter lines = new PrintWriter(text);
        lines.println("Pteron 0.1.0, " + now);
        lines.println(
                "Java %s on %s %s"
                        .formatted(
                                System.getProperty("java.version"),
                                System.getProperty("os.name"),
                                System.getProperty("os.arch")));
        lines.println("Thread " + Thread.currentThread().getName());
        fault.printStackTrace(lines);
        lines.flush();
        return text.toString();
    }
}
