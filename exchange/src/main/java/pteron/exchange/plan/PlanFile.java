package pteron.exchange.plan;

import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import com.fasterxml.jackson.core.io.JsonEOFException;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.exchange.file.WholeFile;

/** Reads and saves plan files. */
public final class PlanFile {

    /** Largest file that is read (bytes); a plan takes a few thousand. */
    private static final int LARGEST = 10_000_000;

    /** How much of a faulty place is shown (bytes). */
    private static final int SHOWN = 48;

    private static final JsonMapper MAPPER =
            JsonMapper.builder()
                    .enable(JsonParser.Feature.STRICT_DUPLICATE_DETECTION)
                    .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                    .build();

    private PlanFile() {}

    /**
     * {@return the plan in a file}
     *
     * @param file the file
     * @param library materials that the plan may name
     * @throws PlanFormatException if it is no good plan, with a sentence that names the place
     * @throws IOException if it cannot be read
     */
    public static BoxPlan read(Path file, MaterialLibrary library)
            throws PlanFormatException, IOException {
        if (Files.isDirectory(file)) {
            throw new PlanFormatException("", file + " is a folder; name the plan file in it");
        }
        try (InputStream in = Files.newInputStream(file)) {
            return read(in, library);
        } catch (NoSuchFileException e) {
            throw new PlanFormatException("", file + " does not exist; check the name");
        }
    }

    /**
     * {@return the plan in a stream, which is read to its end}
     *
     * @param in the stream
     * @param library materials that the plan may name
     * @throws PlanFormatException if it is no good plan, with a sentence that names the place
     * @throws IOException if it cannot be read
     */
    public static BoxPlan read(InputStream in, MaterialLibrary library)
            throws PlanFormatException, IOException {
        byte[] bytes = in.readNBytes(LARGEST + 1);
        if (bytes.length > LARGEST) {
            throw new PlanFormatException(
                    "", "the file is larger than 10 MB; a plan takes a few kB, this is none");
        }
        return new PlanReader(library).read(tree(bytes));
    }

    private static JsonNode tree(byte[] bytes) throws PlanFormatException, IOException {
        if (isBlank(bytes)) {
            throw new PlanFormatException(
                    "", "the file is empty; choose another, or an earlier save of it");
        }
        try {
            return MAPPER.readTree(bytes);
        } catch (JsonProcessingException e) {
            JsonLocation at = e.getLocation();
            throw new PlanFormatException(place(at), fault(e, at, bytes));
        }
    }

    private static boolean isBlank(byte[] bytes) {
        for (byte one : bytes) {
            if (one > ' ' || one < 0) {
                return false;
            }
        }
        return true;
    }

    private static String place(JsonLocation at) {
        return at == null ? "" : "line %d, column %d".formatted(at.getLineNr(), at.getColumnNr());
    }

    /** The parser's own words are a programmer's; only their kind is used. */
    private static String fault(JsonProcessingException fault, JsonLocation at, byte[] bytes) {
        if (fault instanceof StreamConstraintsException) {
            return "a value is longer or deeper than any of a plan; this is no plan, or a spoilt one";
        }
        String words = String.valueOf(fault.getOriginalMessage());
        if (words.startsWith("Duplicate field")) {
            return "the field before this place stands twice in its object; remove one";
        }
        if (words.contains("UTF-8")) {
            return "a letter is not in UTF-8; save the file as UTF-8 in a text editor";
        }
        long offset = at == null ? bytes.length : at.getByteOffset();
        if (fault instanceof JsonEOFException || offset >= bytes.length) {
            return "the file breaks off before its last brace; take an earlier save, or mend it in a text editor";
        }
        return "what stands here is no JSON: %s; mend it in a text editor"
                .formatted(shown(bytes, offset));
    }

    /** {@return the line a place stands in, or its beginning} */
    private static String shown(byte[] bytes, long offset) {
        int from = Math.clamp(offset - 1, 0, bytes.length - 1);
        while (from > 0 && bytes[from - 1] != '\n' && offset - from < SHOWN) {
            from--;
        }
        String text =
                new String(
                        bytes, from, Math.min(SHOWN, bytes.length - from), StandardCharsets.UTF_8);
        return "“" + text.lines().findFirst().orElse("").strip() + "”";
    }

    /** {@return the text of a plan file} */
    public static String text(BoxPlan plan) {
        DefaultIndenter indent = new DefaultIndenter("  ", "\n");
        DefaultPrettyPrinter printer =
                new DefaultPrettyPrinter().withObjectIndenter(indent).withArrayIndenter(indent);
        try {
            return MAPPER.writer(printer).writeValueAsString(PlanWriter.tree(plan)) + "\n";
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("Impossible state: a plan that cannot be written", e);
        }
    }

    /**
     * Saves a plan. A crash leaves either the old or the new file whole.
     *
     * @throws IOException if it cannot be written; the old file then stands as it was
     */
    public static void save(BoxPlan plan, Path file) throws IOException {
        WholeFile.write(file, text(plan).getBytes(StandardCharsets.UTF_8));
    }
}
