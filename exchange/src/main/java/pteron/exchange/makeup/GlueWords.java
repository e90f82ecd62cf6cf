package pteron.exchange.makeup;

import pteron.core.glue.GlueJoint;
import pteron.core.material.MaterialLibrary;

/** What holds a joint, in words. */
public final class GlueWords {

    private GlueWords() {}

    /** {@return what holds a joint, and whether it does} */
    public static String held(GlueJoint joint, MaterialLibrary library) {
        String glue = joint.glue().map(found -> library.get(found.id()).name()).orElse("");
        return switch (joint.held()) {
            case GLUED -> glue;
            case DOES_NOT_HOLD -> glue + " does not bond it";
            case EATS -> glue + " dissolves it";
            case SCREWED -> "screws";
            case THERE -> "already there";
            case LOOSE -> "laid in loose";
            case OPEN -> "air between, no glue";
            case NOTHING_SUITS -> "no glue bonds it: screw it";
        };
    }
}
