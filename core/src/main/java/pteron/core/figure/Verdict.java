package pteron.core.figure;

import java.util.Optional;

/** What is said of a demand over its capacity. */
public enum Verdict {
    /** Well within its limit. */
    HOLDS,
    /** Within its limit, close to it. */
    CLOSE,
    /** Over its limit. */
    FAILS;

    /** Demand over capacity above which it is close (common practice: keep 15 %). */
    public static final double CLOSE_FROM = 0.85;

    /** {@return the verdict on demand over capacity} */
    public static Verdict of(double use) {
        return use > 1 ? FAILS : use > CLOSE_FROM ? CLOSE : HOLDS;
    }

    /** {@return the verdict that a finding stands for} */
    public static Verdict of(Severity severity) {
        return switch (severity) {
            case STOPS -> FAILS;
            case WATCH -> CLOSE;
            case NOTE -> HOLDS;
        };
    }

    /** {@return the verdict on demand over capacity and the most serious finding, whichever is worse} */
    public static Verdict of(double use, Optional<Severity> worst) {
        Verdict found = of(worst.orElse(Severity.NOTE));
        Verdict told = of(use);
        return told.compareTo(found) > 0 ? told : found;
    }

    /** {@return it in a word or two: OK, near limit or over limit} */
    public String word() {
        return switch (this) {
            case HOLDS -> "OK";
            case CLOSE -> "near limit";
            case FAILS -> "over limit";
        };
    }
}
