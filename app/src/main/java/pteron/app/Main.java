package pteron.app;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import pteron.app.command.PteronCommand;

/** Where the program begins. */
public final class Main {

    private Main() {}

    /** Runs the command line and ends with its status. */
    public static void main(String[] words) {
        // numbers look the same wherever the machine stands
        Locale.setDefault(Locale.UK);
        PrintWriter out = new PrintWriter(System.out, true, StandardCharsets.UTF_8);
        PrintWriter err = new PrintWriter(System.err, true, StandardCharsets.UTF_8);
        System.exit(PteronCommand.run(out, err, words));
    }
}
