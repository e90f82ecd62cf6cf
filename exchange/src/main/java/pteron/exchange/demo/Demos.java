package pteron.exchange.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.exchange.plan.PlanFile;
import pteron.exchange.plan.PlanFormatException;

/** The demo plans. */
public final class Demos {

    private Demos() {}

    /** {@return Wagtail, a travelling seed-exchange room on a tandem-axle flatbed trailer} */
    public static BoxPlan wagtail() {
        return demo("wagtail.json");
    }

    /** {@return Dipper, a slide-in for a river-gauging crew on a long-bed pickup, in inches} */
    public static BoxPlan dipper() {
        return demo("dipper.json");
    }

    /** {@return Siskin, a puppet-theatre box with an arched roof on a small cargo-trailer chassis} */
    public static BoxPlan siskin() {
        return demo("siskin.json");
    }

    /** {@return Plover, a bought steel cargo trailer lined as a travelling instrument-repair bench, in inches} */
    public static BoxPlan plover() {
        return demo("plover.json");
    }

    /** {@return all demos, the main one first} */
    public static List<BoxPlan> all() {
        return List.of(wagtail(), dipper(), siskin(), plover());
    }

    private static BoxPlan demo(String name) {
        try (InputStream in = Demos.class.getResourceAsStream(name)) {
            return PlanFile.read(in, MaterialLibrary.starting());
        } catch (PlanFormatException e) {
            throw new IllegalStateException("Impossible state: demo " + name + " is broken", e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
