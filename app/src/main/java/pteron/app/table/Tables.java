package pteron.app.table;

/** Keys of the tables that a station may show in place of the drawing. */
public final class Tables {

    /** Build-ups side by side. */
    public static final String SCHOOLS = "schools";

    /** Empty weight from scales. */
    public static final String SCALES = "scales";

    /** Uprights under the outline. */
    public static final String UPRIGHTS = "uprights";

    /** Glue of every joint. */
    public static final String GLUES = "glues";

    /** The material library. */
    public static final String MATERIALS = "materials";

    private Tables() {}
}
