package pteron.core.shell;

import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Scheme;
import pteron.core.material.Material.Kind;
import pteron.core.material.MaterialLibrary;
import pteron.core.outline.Outline;
import pteron.core.plan.BoxDetails;
import pteron.core.plan.BoxPlan;

/** Which boxes have their frame set out. */
final class Framing {

    private Framing() {}

    /** {@return whether it is made up of panels with timber members, nothing cut out of its sides} */
    static boolean isSetOut(BoxPlan plan, Outline outline, MaterialLibrary library) {
        BoxDetails details = plan.box().details();
        boolean plain = !details.dropFloor().exists() && details.wheelArches().isEmpty();
        return plain
                && outline.elements().size() > 2
                && plan.makeUp().floor().onBearers()
                && isTimber(plan.makeUp().floor().bearers().timber(), library)
                && isStuds(plan.makeUp().walls(), library)
                && isStuds(plan.makeUp().roof(), library);
    }

    private static boolean isStuds(Framed framed, MaterialLibrary library) {
        return framed.scheme() == Scheme.STUDS && isTimber(framed.members().timber(), library);
    }

    private static boolean isTimber(String id, MaterialLibrary library) {
        return library.get(id).kind() == Kind.TIMBER;
    }
}
