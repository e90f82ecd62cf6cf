package pteron.exchange.file;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Locale;

/** Tells a fault in writing of the file that was meant, not of the one beside it that takes its place. */
final class Told {

    private Told() {}

    /**
     * {@return the fault as it is told}
     *
     * @param fault what went wrong
     * @param beside the file that was being written
     * @param target the file that was meant
     */
    static IOException of(IOException fault, Path beside, Path target) {
        String message = String.valueOf(fault.getMessage()).toLowerCase(Locale.ROOT);
        if (message.contains("no space") || message.contains("quota")) {
            return because(
                    new FileSystemException(target.toString(), null, "no space left"), fault);
        }
        if (fault instanceof FileSystemException system
                && beside.toString().equals(system.getFile())) {
            return because(ofTarget(system, target), fault);
        }
        return fault;
    }

    private static IOException ofTarget(FileSystemException fault, Path target) {
        return switch (fault) {
            case AccessDeniedException e ->
                    new IOException(
                            target.getParent()
                                    + " is a folder that you may not write in; change its permissions or save elsewhere");
            case NoSuchFileException e ->
                    new IOException(
                            target.getParent()
                                    + " no longer exists; create it again or save elsewhere");
            default -> new FileSystemException(target.toString(), null, fault.getReason());
        };
    }

    private static IOException because(IOException told, IOException fault) {
        told.initCause(fault);
        return told;
    }
}
