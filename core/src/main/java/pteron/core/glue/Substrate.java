package pteron.core.glue;

import java.util.Set;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;

/** What a glue sees of a material. */
public enum Substrate {
    /** Timber and boards. */
    WOOD,
    /** Bare or painted metal. */
    METAL,
    /** Polystyrene, which solvents eat. */
    POLYSTYRENE,
    /** Polyurethane and the like, foil or not. */
    OTHER_FOAM,
    /** Polyester and vinyl cores, honeycomb, balsa, cork. */
    CORE,
    /** Glass fibre in resin, and laminate. */
    GLASS_FIBRE,
    /** Plastics that take glue. */
    PLASTIC,
    /** Rubber, felts, films, floors in rolls. */
    ROLL,
    /** Wool and the like: laid in, not glued. */
    WOOL,
    /** Still air between two layers: nothing is glued to it. */
    AIR;

    private static final String STILL_AIR = "air-gap";

    private static final Set<String> POLYSTYRENES = Set.of("xps", "eps");
    private static final Set<String> WOOLS = Set.of("wool-batt", "sheep-wool", "hemp-batt");
    private static final Set<String> FOAMS =
            Set.of("pir", "pur-foam", "phenolic", "expanding-foam", "foil-blanket");
    private static final Set<String> FIBRES =
            Set.of("grp-skin", "hpl", "composite-panel", "ribbed-grp");

    /** {@return what a glue sees; foams it does not know are taken for polystyrene, which errs safely} */
    public static Substrate of(Material material) {
        String id = MaterialLibrary.baseOf(material.id());
        return switch (material.kind()) {
            case TIMBER -> WOOD;
            case BOARD -> FIBRES.contains(id) ? GLASS_FIBRE : WOOD;
            case FOAM -> foam(id);
            case SHEET -> sheet(id);
            case METAL -> METAL;
            case FLOORING, MEMBRANE -> FOAMS.contains(id) ? OTHER_FOAM : ROLL;
            case TAPE, SEALANT, ADHESIVE -> PLASTIC;
        };
    }

    private static Substrate foam(String id) {
        if (id.equals(STILL_AIR)) {
            return AIR;
        }
        if (WOOLS.contains(id)) {
            return WOOL;
        }
        if (FOAMS.contains(id)) {
            return OTHER_FOAM;
        }
        boolean core = Set.of("pet-foam", "pvc-foam", "honeycomb", "balsa", "cork").contains(id);
        return core ? CORE : POLYSTYRENE;
    }

    private static Substrate sheet(String id) {
        if (FIBRES.contains(id)) {
            return GLASS_FIBRE;
        }
        return id.equals("abs-sheet") ? PLASTIC : METAL;
    }
}
