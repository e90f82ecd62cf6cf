package pteron.core.shell;

import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Scheme;
import pteron.core.material.Material.Kind;
import pteron.core.material.MaterialLibrary;
import pteron.core.outline.Outline;
import pteron.core.plan.BoxPlan;

/** Which boxes have their frame set out. */
final class Framing {

    private Framing() {}

    /** {@return whether floor, walls and roof have timber members} */
    static boolean isSetOut(BoxPlan plan, Outline outline, MaterialLibrary library) {
        return outline.elements().size() > 2
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
