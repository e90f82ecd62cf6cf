package pteron.app.command;

import java.util.OptionalDouble;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.outline.UprightSetting;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.outline.OutlineLists;

/** Prints the uprights under the outline for any spacing, or the outline at one place. */
@Command(
        name = "uprights",
        description =
                "Print the uprights under the outline as CSV, or height and slope at one place.",
        footer = {"", "Example:", "  ./pteron uprights my-box.json --spacing 400"})
final class UprightsVerb implements Callable<Integer> {

    @Spec private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "FILE", description = "a plan, or demo")
    private String file;

    @Option(
            names = "--spacing",
            paramLabel = "LENGTH",
            description = "from front edge to front edge; that of the studs when left out")
    private String spacing;

    @Option(
            names = "--thickness",
            paramLabel = "LENGTH",
            description = "of an upright along the box; that of the studs when left out")
    private String thickness;

    @Option(names = "--at", paramLabel = "LENGTH", description = "one place, behind front of box")
    private String at;

    @Override
    public Integer call() throws Exception {
        BoxPlan plan = PlanArgument.read(file);
        BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
        if (at == null) {
            print(OutlineLists.uprights(model, setting(plan)));
        } else {
            place(model, LengthText.parse(at, plan.units()));
        }
        return 0;
    }

    private void print(String text) {
        spec.commandLine().getOut().print(text);
    }

    private UprightSetting setting(BoxPlan plan) {
        UprightSetting usual = UprightSetting.of(plan.makeUp());
        return new UprightSetting(
                spacing == null ? usual.spacingMm() : LengthText.parse(spacing, plan.units()),
                thickness == null
                        ? usual.thicknessMm()
                        : LengthText.parse(thickness, plan.units()));
    }

    private void place(BoxModel model, double placeMm) {
        UnitSystem units = model.plan().units();
        OptionalDouble height = model.outline().heightAt(placeMm);
        if (height.isEmpty()) {
            throw new IllegalArgumentException(
                    "--at %s: enter %s to %s"
                            .formatted(
                                    Quantity.mm(placeMm).text(units),
                                    LengthText.format(model.outline().foremostMm(), units),
                                    Quantity.mm(model.outline().rearmostMm()).text(units)));
        }
        print("Height: %s%n".formatted(Quantity.mm(height.getAsDouble()).text(units)));
        model.outline()
                .slopeAt(placeMm)
                .ifPresent(
                        slope ->
                                print(
                                        "Slope and bevel: %s%n"
                                                .formatted(Quantity.degrees(slope).text(units))));
    }
}
