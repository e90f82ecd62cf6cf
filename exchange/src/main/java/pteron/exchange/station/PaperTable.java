package pteron.exchange.station;

import java.io.IOException;
import pteron.exchange.pdf.Pages;

/** A table or list on paper. */
public interface PaperTable {

    /**
     * Writes it where the pages stand, nothing where there is nothing to tell.
     *
     * @throws IOException if it cannot be written
     */
    void write(Job job, Pages pages) throws IOException;
}
