package pteron.core.figure;

/** How serious a finding is, most serious first. */
public enum Severity {
    /** The job must not go on like this. */
    STOPS,
    /** Close to a limit, or likely to give trouble. */
    WATCH,
    /** Good to know. */
    NOTE
}
