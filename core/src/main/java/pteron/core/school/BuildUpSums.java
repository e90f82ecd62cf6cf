package pteron.core.school;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import pteron.core.buildup.BuildUp;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Scheme;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.mechanics.SandwichStrip;
import pteron.core.mechanics.ThickFaces;
import pteron.core.panel.PanelPart;
import pteron.core.panel.SandwichPanel;
import pteron.core.warmth.WarmWalls;

/**
 * What a build-up comes to for a square metre, members counted. Immutable.
 *
 * @param thicknessMm whole thickness (mm)
 * @param massKg mass (kg/m²)
 * @param cost plain price (per m²), empty where a price is not known
 * @param transmittance U (W/(m²·K)), empty where a conductivity is not known
 * @param amounts how much of which material a square metre holds
 * @param stiffness load for a millimetre of sag of a strip 600 mm wide over 600 mm (N/mm), empty where a
 *     modulus is not known
 */
public record BuildUpSums(
        double thicknessMm,
        double massKg,
        OptionalDouble cost,
        OptionalDouble transmittance,
        List<Amount> amounts,
        OptionalDouble stiffness) {

    /** Span and width of the strip whose stiffness is told (mm): a usual bay. */
    public static final double STRIP_MM = 600;

    private static final String EXPANDING_FOAM = "expanding-foam";

    /**
     * So much of a material in a square metre. Immutable.
     *
     * @param material the material
     * @param cubicMetres how much of it (m³/m²)
     */
    public record Amount(Material material, double cubicMetres) {}

    /**
     * {@return the sums of a build-up}
     *
     * @param part {@code floor}, {@code walls} or {@code roof}
     * @param buildUp its layers, all materials in the library
     * @param memberShare share of the area that members take, 0 to 1
     * @param library its materials
     */
    public static BuildUpSums of(
            String part, BuildUp buildUp, double memberShare, MaterialLibrary library) {
        return switch (buildUp) {
            case Floor floor -> ofFloor(floor, library);
            case Framed framed -> ofFramed(part, framed, memberShare, library);
        };
    }

    private static BuildUpSums ofFloor(Floor floor, MaterialLibrary library) {
        List<Amount> parts = new ArrayList<>();
        floor.finish().forEach(layer -> parts.add(layer(layer, 1, library)));
        List.of(floor.topFace(), floor.core(), floor.bottomFace())
                .forEach(layer -> parts.add(layer(layer, 1, library)));
        if (floor.school() != Floor.School.ON_CROSS_MEMBERS) {
            parts.add(members(floor.bearers(), floor.bearers().spacingMm(), library));
        }
        return new BuildUpSums(
                floor.heightMm(),
                mass(parts),
                cost(parts),
                WarmWalls.isKnown(floor, library)
                        ? OptionalDouble.of(WarmWalls.of(floor, library).transmittance())
                        : OptionalDouble.empty(),
                List.copyOf(parts),
                sandwich(
                        PanelPart.FLOOR,
                        floor.topFace(),
                        floor.core(),
                        floor.bottomFace(),
                        floor.spanGrain(),
                        library));
    }

    private static BuildUpSums ofFramed(
            String part, Framed framed, double share, MaterialLibrary library) {
        List<Amount> parts = new ArrayList<>();
        parts.add(layer(framed.outerSkin(), 1, library));
        framed.outside().forEach(layer -> parts.add(layer(layer, 1, library)));
        framed.inside().forEach(layer -> parts.add(layer(layer, 1, library)));
        parts.add(layer(framed.innerSkin(), 1, library));
        parts.addAll(filling(framed, share, library));
        return new BuildUpSums(
                framed.thicknessMm(),
                mass(parts),
                cost(parts),
                WarmWalls.isKnown(framed, library)
                        ? OptionalDouble.of(
                                WarmWalls.of(part, framed, share, library).transmittance())
                        : OptionalDouble.empty(),
                List.copyOf(parts),
                stiffness(framed, library));
    }

    /** Foam between the members, the gap round it, the members and what packs them out. */
    private static List<Amount> filling(Framed framed, double share, MaterialLibrary library) {
        List<Amount> parts = new ArrayList<>();
        double gap = 0;
        boolean gapKnown = library.contains(EXPANDING_FOAM);
        if (framed.scheme() != Scheme.FRAMELESS && gapKnown) {
            gap = WarmWalls.of("walls", framed, share, library).gapShare();
            double deep = Math.min(framed.insulation().thicknessMm(), framed.frameMm());
            parts.add(new Amount(library.get(EXPANDING_FOAM), deep / 1000 * gap));
        }
        parts.add(layer(framed.insulation(), 1 - share - gap, library));
        Section section = framed.members().section();
        double solid = section.areaMm2() / (section.thicknessMm() * section.depthMm());
        parts.add(
                new Amount(
                        library.get(framed.members().timber()),
                        framed.frameMm() / 1000 * share * solid));
        boolean packed = framed.overFrameMm() > 0 && library.contains(framed.fit().packing());
        if (packed) {
            parts.add(
                    new Amount(
                            library.get(framed.fit().packing()),
                            framed.overFrameMm() / 1000 * share));
        }
        return parts;
    }

    private static Amount layer(Layer layer, double share, MaterialLibrary library) {
        return new Amount(library.get(layer.material()), layer.thicknessMm() / 1000 * share);
    }

    private static Amount members(Members members, double spacingMm, MaterialLibrary library) {
        return new Amount(
                library.get(members.timber()), members.section().areaMm2() / spacingMm / 1000);
    }

    private static double mass(List<Amount> parts) {
        return parts.stream().mapToDouble(p -> p.cubicMetres() * p.material().density()).sum();
    }

    private static OptionalDouble cost(List<Amount> parts) {
        boolean known = parts.stream().allMatch(part -> part.material().has(Property.PRICE));
        return known
                ? OptionalDouble.of(
                        parts.stream()
                                .mapToDouble(
                                        p -> p.cubicMetres() * p.material().value(Property.PRICE))
                                .sum())
                : OptionalDouble.empty();
    }

    /** A point in the middle of the strip, faces thick or thin. */
    private static OptionalDouble sandwich(
            PanelPart part,
            Layer face,
            Layer core,
            Layer other,
            Layer.Grain span,
            MaterialLibrary library) {
        if (!SandwichPanel.isKnown(face, core, other, library)) {
            return OptionalDouble.empty();
        }
        SandwichStrip strip =
                SandwichPanel.of(part, face, core, other, span, library).strip(STRIP_MM);
        double load = 1000;
        double sag = new ThickFaces(strip, STRIP_MM, 0).under(load).deflectionMm();
        return OptionalDouble.of(load / sag);
    }

    /**
     * A frame: members along the span, skins not counted with them.
     *
     * <pre>  k = 48 E I / L³,   I of the members that stand in 600 mm  </pre>
     */
    private static OptionalDouble stiffness(Framed framed, MaterialLibrary library) {
        if (framed.scheme() == Scheme.FRAMELESS) {
            return sandwich(
                    PanelPart.WALLS,
                    framed.outerSkin(),
                    framed.insulation(),
                    framed.innerSkin(),
                    Layer.Grain.ALONG,
                    library);
        }
        Material material = library.get(framed.members().timber());
        if (!material.has(Property.MODULUS)) {
            return OptionalDouble.empty();
        }
        double inertia =
                framed.members().section().inertiaMm4() * STRIP_MM / framed.members().spacingMm();
        return OptionalDouble.of(
                48 * material.value(Property.MODULUS) * inertia / Math.pow(STRIP_MM, 3));
    }
}
