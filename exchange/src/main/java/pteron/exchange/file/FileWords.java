package pteron.exchange.file;

import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.AccessDeniedException;
import java.nio.file.DirectoryNotEmptyException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.util.Locale;

/** What went wrong with a file, as a sentence that names the file and a cure. */
public final class FileWords {

    private FileWords() {}

    /** {@return one sentence for the builder} */
    public static String sentence(IOException fault) {
        return switch (fault) {
            case NoSuchFileException e -> e.getFile() + " does not exist; check the name";
            case AccessDeniedException e ->
                    e.getFile()
                            + " may not be read or written by you; change its permissions or choose another place";
            case NotDirectoryException e -> e.getFile() + " is no folder; name a folder";
            case FileAlreadyExistsException e ->
                    e.getFile() + " is there already; choose another name";
            case DirectoryNotEmptyException e ->
                    e.getFile() + " is a folder with files in it; choose another name";
            case FileSystemException e -> system(e);
            case CharacterCodingException e ->
                    "the text is in no known encoding; save it as UTF-8 and try again";
            default -> plain(fault);
        };
    }

    private static String system(FileSystemException fault) {
        String reason = fault.getReason() == null ? "" : fault.getReason();
        String small = reason.toLowerCase(Locale.ROOT);
        if (small.contains("no space") || small.contains("quota")) {
            return "the disk is full at "
                    + fault.getFile()
                    + "; free some space or choose another place";
        }
        if (small.contains("read-only")) {
            return fault.getFile() + " is on a disk that is read-only; choose another place";
        }
        if (small.contains("name too long")) {
            return "the name of " + fault.getFile() + " is too long; choose a shorter one";
        }
        return fault.getFile()
                + " could not be read or written"
                + (reason.isEmpty() ? "" : " (" + small + ")")
                + "; check it or choose another place";
    }

    private static String plain(IOException fault) {
        String message = fault.getMessage();
        if (message == null || message.isBlank()) {
            return "the file could not be read or written; check it or choose another place";
        }
        String first = message.lines().findFirst().orElse("").strip();
        return first.contains(";") ? first : first + "; check the file or choose another place";
    }
}
