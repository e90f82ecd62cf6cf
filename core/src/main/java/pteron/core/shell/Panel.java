package pteron.core.shell;

import java.util.List;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.quantity.Tolerance;
import pteron.core.surface.Surface;

/**
 * A panel of the box, flat or bent. Immutable.
 *
 * @param id short name that stays: {@code left}, {@code roof}, {@code roof-2}
 * @param kind what it is to the box
 * @param surface how it lies in the box
 * @param rim edge of its frame all round (u, v)
 * @param notches rectangles at its edges that are left out, as for wheels in a floor; usually none
 * @param zero where places of openings in it are counted from (u, v)
 * @param rips bevels ripped along the members at its ends
 * @param core what lies between its skins
 * @param skins faces to be covered
 * @param backings where a partition is fixed to it (u, mm): a member stands there
 */
public record Panel(
        String id,
        PanelKind kind,
        Surface surface,
        Rim rim,
        List<Bounds2> notches,
        Point2 zero,
        Rips rips,
        Core core,
        List<Skin> skins,
        List<Double> backings) {

    /** Timber that the edge of a lining needs in an inside corner (mm); common practice. */
    public static final double CORNER_BACKING_MM = 6;

    /** {@return its id as words, the beginning of its members' names: {@code nose part 2} of {@code nose-2}} */
    public String words() {
        return words(id);
    }

    /** {@return the id of a panel as words} */
    public static String words(String id) {
        String name = id.replaceFirst("-(\\d+)$", " part $1").replace('-', ' ');
        return name.replaceFirst("^under\\b", "over-cab floor");
    }

    /** Copies the lists. */
    public Panel {
        notches = List.copyOf(notches);
        skins = List.copyOf(skins);
        backings = List.copyOf(backings);
    }

    /** A panel that no partition is fixed to. */
    public Panel(
            String id,
            PanelKind kind,
            Surface surface,
            Rim rim,
            List<Bounds2> notches,
            Point2 zero,
            Rips rips,
            Core core,
            List<Skin> skins) {
        this(id, kind, surface, rim, notches, zero, rips, core, skins, List.of());
    }

    /** {@return the same with a member wherever a partition is fixed to it} */
    Panel withBackings(List<Double> otherMm) {
        return new Panel(id, kind, surface, rim, notches, zero, rips, core, skins, otherMm);
    }

    /**
     * What lies between the skins of a panel. Immutable.
     *
     * @param scheme how it carries
     * @param members what it is framed with
     * @param filling insulation between members, or the core of a sandwich
     * @param fillingFromMm where the filling begins (w, mm)
     */
    public record Core(Framed.Scheme scheme, Members members, Layer filling, double fillingFromMm) {

        /** {@return the frame of a wall or roof with its insulation between} */
        static Core of(Framed framed) {
            return new Core(framed.scheme(), framed.framing(), framed.insulation(), 0);
        }
    }

    /** {@return what it is framed with} */
    public Members members() {
        return core.members;
    }

    /** {@return insulation between members, or the core of a sandwich} */
    public Layer filling() {
        return core.filling;
    }

    /** {@return where the filling begins (w, mm)} */
    public double fillingFromMm() {
        return core.fillingFromMm;
    }

    /**
     * Bevels ripped along the edge members where two strip panels meet. Above 0 where the inner face is the
     * shorter.
     *
     * @param startDegrees at the lower end of a wall, at the front of a roof (degrees)
     * @param endDegrees at the other end (degrees)
     * @param startPackMm wedge that stays open at the start, where the bevel would take too much (mm)
     * @param endPackMm wedge that stays open at the end (mm)
     */
    public record Rips(
            double startDegrees, double endDegrees, double startPackMm, double endPackMm) {

        /** Timber that must stay on the short face of a ripped member (mm); common practice. */
        public static final double LEAST_SHORT_FACE_MM = 6;

        /** Square on both ends. */
        public static final Rips NONE = new Rips(0, 0, 0, 0);

        /** {@return the same seen from the other end} */
        public Rips turned() {
            return new Rips(endDegrees, startDegrees, endPackMm, startPackMm);
        }
    }

    /** {@return the room for the frame (u, v), notches counted in} */
    public Polygon2 frame() {
        return rim.room();
    }

    /** {@return the room for the frame, notches left out} */
    public List<Polygon2> rooms() {
        return notches.isEmpty()
                ? List.of(frame())
                : frame().without(notches.stream().map(Polygon2::rectangle).toList());
    }

    /** {@return whether its insulation lies between its members, not over them} */
    public boolean isFilledBetweenMembers() {
        return fillingFromMm() < depthMm() - Tolerance.TOUCH.lengthMm();
    }

    /** {@return whether it is a bonded panel with bars at its edges and seams only} */
    public boolean isBonded() {
        return core.scheme == Framed.Scheme.FRAMELESS;
    }

    /** {@return whether its members run from side to side of the box, with blocks, not plates, at their ends} */
    public boolean isAcross() {
        return kind.isAcross() || surface.isBent();
    }

    /**
     * {@return timber that stands in the corner at least u beside the post to back the edge of the lining: how far in its
     * far face may be from the edge of the frame (mm); 0 where the post backs it}
     */
    public double cornerBackingToMm() {
        return backingToMm(
                skin(Skin.Face.INNER).area().bounds().fromU() - frame().bounds().fromU());
    }

    /** {@return the same at greatest u, where a lining may end earlier than at the other end} */
    public double farBackingToMm() {
        return backingToMm(frame().bounds().toU() - skin(Skin.Face.INNER).area().bounds().toU());
    }

    private double backingToMm(double setMm) {
        double thickness = core.members.section().thicknessMm();
        return setMm > thickness - CORNER_BACKING_MM
                ? Math.max(thickness, setMm - thickness / 2) + thickness
                : 0;
    }

    /**
     * {@return how much of u a member takes up (mm): its thickness; more where faces lean towards each other
     * on the inside of a bend}
     */
    public double memberRoomMm() {
        double thickness = core.members.section().thicknessMm();
        double stretch = Math.min(surface.stretch(frame(), 0), surface.stretch(frame(), depthMm()));
        return surface.isBent() ? thickness / Math.min(1, stretch) : thickness;
    }

    /** {@return depth of the frame (mm)} */
    public double depthMm() {
        return core.members.section().depthMm();
    }

    /**
     * {@return the skin on that face}
     *
     * @throws IllegalArgumentException if the panel has none
     */
    public Skin skin(Skin.Face face) {
        return skins.stream()
                .filter(skin -> skin.face() == face)
                .findFirst()
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "panel [%s] has no face [%s]".formatted(id, face)));
    }
}
