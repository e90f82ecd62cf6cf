package pteron.exchange.station;

import com.fasterxml.jackson.databind.node.ObjectNode;

/** Adds what a station made to the file of figures. */
public interface JsonPart {

    /** Adds its nodes to the root. */
    void add(ObjectNode root, Job job);
}
