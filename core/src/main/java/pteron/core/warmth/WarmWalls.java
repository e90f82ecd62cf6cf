package pteron.core.warmth;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Fit;
import pteron.core.buildup.Framed.Scheme;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Section;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.warmth.WarmLayer.Stuff;

/** Turns build-ups into walls as heat sees them. */
public final class WarmWalls {

    private static final String EXPANDING_FOAM = "expanding-foam";

    /** Least thickness that is a layer (mm). */
    private static final double LEAST_MM = 0.01;

    private final MaterialLibrary library;
    private final List<WarmLayer> layers = new ArrayList<>();

    private WarmWalls(MaterialLibrary library) {
        this.library = library;
    }

    /** {@return whether the library knows conductivity and vapour resistance of all layers} */
    public static boolean isKnown(Framed framed, MaterialLibrary library) {
        List<Layer> all = new ArrayList<>(framed.outside());
        all.addAll(framed.inside());
        all.addAll(List.of(framed.outerSkin(), framed.insulation(), framed.innerSkin()));
        boolean members = has(framed.framing().timber(), library);
        boolean packing = framed.overFrameMm() == 0 || has(framed.fit().packing(), library);
        return members && packing && all.stream().allMatch(l -> has(l.material(), library));
    }

    /** {@return whether the library knows conductivity and vapour resistance of all layers} */
    public static boolean isKnown(Floor floor, MaterialLibrary library) {
        List<Layer> all = new ArrayList<>(floor.finish());
        all.addAll(List.of(floor.topFace(), floor.core(), floor.bottomFace()));
        return all.stream().allMatch(layer -> has(layer.material(), library));
    }

    private static boolean has(String id, MaterialLibrary library) {
        return library.contains(id)
                && library.get(id).has(Property.CONDUCTIVITY)
                && library.get(id).has(Property.VAPOUR);
    }

    /** {@return a floor; its bearers lie outside of what is warm} */
    public static WarmWall of(Floor floor, MaterialLibrary library) {
        WarmWalls walls = new WarmWalls(library);
        for (int i = floor.finish().size() - 1; i >= 0; i--) {
            walls.even("floor.finish." + i, floor.finish().get(i));
        }
        walls.even("floor.topFace", floor.topFace());
        walls.even("floor.core", floor.core());
        walls.even("floor.bottomFace", floor.bottomFace());
        return new WarmWall("floor", walls.layers, 0, 0, Surfaces.FLOOR, Optional.empty());
    }

    /**
     * {@return a wall or roof}
     *
     * @param part {@code walls} or {@code roof}
     * @param framed its layers
     * @param memberShare share of its area that members take, 0 to 1
     * @param library its materials
     */
    public static WarmWall of(
            String part, Framed framed, double memberShare, MaterialLibrary library) {
        WarmWalls walls = new WarmWalls(library);
        walls.even(part + ".innerSkin", framed.innerSkin());
        for (int i = framed.inside().size() - 1; i >= 0; i--) {
            walls.even(part + ".inside." + i, framed.inside().get(i));
        }
        walls.frame(part, framed);
        for (int i = framed.outside().size() - 1; i >= 0; i--) {
            walls.even(part + ".outside." + i, framed.outside().get(i));
        }
        walls.even(part + ".outerSkin", framed.outerSkin());
        return new WarmWall(
                part,
                walls.layers,
                memberShare,
                gapShare(framed, memberShare),
                part.equals("roof") ? Surfaces.ROOF : Surfaces.WALL,
                framed.scheme() == Scheme.TUBE ? Optional.of(walls.bar(framed)) : Optional.empty());
    }

    /** Share of the area that the gaps round the foam take: one at each side of a bay. */
    private static double gapShare(Framed framed, double memberShare) {
        if (framed.scheme() == Scheme.FRAMELESS) {
            return 0;
        }
        double bay = framed.framing().spacingMm() - framed.framing().section().thicknessMm();
        double share = bay <= 0 ? 0 : 2 * framed.fit().gapMm() / bay;
        return Math.min(1, share) * (1 - memberShare);
    }

    private void even(String key, Layer layer) {
        Material material = library.get(layer.material());
        layers.add(WarmLayer.even(key, material.name(), layer.thicknessMm(), stuff(material)));
    }

    private static Stuff stuff(Material material) {
        return new Stuff(material.value(Property.CONDUCTIVITY), material.value(Property.VAPOUR));
    }

    private void frame(String part, Framed framed) {
        Material foam = library.get(framed.insulation().material());
        Stuff gap =
                library.contains(EXPANDING_FOAM) ? stuff(library.get(EXPANDING_FOAM)) : stuff(foam);
        String key = part + ".insulation";
        double over = framed.overFrameMm();
        if (over > LEAST_MM) {
            boolean packed = framed.fit().over() == Fit.Over.PACKED;
            Stuff member = packed ? stuff(library.get(framed.fit().packing())) : stuff(foam);
            layers.add(new WarmLayer("", foam.name(), over, stuff(foam), member, gap));
        }
        Stuff member = member(framed);
        double foamMm = Math.min(framed.insulation().thicknessMm(), framed.frameMm());
        double air = framed.frameMm() - foamMm;
        if (air > LEAST_MM) {
            Stuff still = new Stuff(air / 1000 / Surfaces.stillAir(air), 1);
            layers.add(new WarmLayer("", "Still air", air, still, member, still));
        }
        if (foamMm > LEAST_MM) {
            layers.add(new WarmLayer(key, foam.name(), foamMm, stuff(foam), member, gap));
        }
    }

    private MetalBar bar(Framed framed) {
        Section section = framed.framing().section();
        return new MetalBar(
                section.thicknessMm(),
                section.wallMm(),
                library.get(framed.framing().timber()).value(Property.CONDUCTIVITY),
                member(framed));
    }

    private Stuff member(Framed framed) {
        Material material = library.get(framed.framing().timber());
        Section section = framed.framing().section();
        Stuff solid = stuff(material);
        boolean tube = framed.scheme() == Scheme.TUBE && section.isTube();
        return tube
                ? new Stuff(tubeConductivity(section, solid.conductivity()), solid.vapourFactor())
                : solid;
    }

    /**
     * Conductivity of a solid bar that leads as much heat through the depth of a tube as the tube does.
     *
     * <pre>
     *   1/R = (2 w / t) / (D / lm) + (1 − 2 w / t) / (2 w / lm + Rair),   l = D / R
     * </pre>
     *
     * t thickness, D depth, w wall (mm, in the sum m), lm conductivity of the metal, Rair still air in the tube.
     * Heat is taken to go straight through: two webs beside the hollow with its two flanges.
     *
     * <p>Source: parallel paths; ISO 6946:2017 for the air. Example: 19 × 19 × 1.6 mm of aluminium at 160 gives 27.0
     * W/(m·K).
     */
    static double tubeConductivity(Section section, double metal) {
        double t = section.thicknessMm() / 1000;
        double depth = section.depthMm() / 1000;
        double wall = section.wallMm() / 1000;
        double webs = 2 * wall / t;
        double hollow = Surfaces.stillAir(section.depthMm() - 2 * section.wallMm());
        double inverse = webs / (depth / metal) + (1 - webs) / (2 * wall / metal + hollow);
        return depth * inverse;
    }
}
