package pteron.core.solid;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import pteron.core.drawing.Matter;
import pteron.core.found.Rib;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.model.BoxModel;
import pteron.core.opening.Openings;
import pteron.core.opening.PlacedOpening;
import pteron.core.outline.RoofEdge;
import pteron.core.plan.Opening;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.shell.Skin;
import pteron.core.skin.SheetPiece;
import pteron.core.skin.Skins;
import pteron.core.solid.Peel.Coat;

/** The parts of a box as facets. */
final class Bodies {

    /** How far a unit stands out of the skin (mm); common practice for its flange. */
    private static final double FLANGE_MM = 4;

    /** How deep a unit reaches into the wall in the picture (mm). */
    private static final double UNIT_MM = 25;

    private final BoxModel model;
    private final Peel peel;

    /** Whether faces that cannot be seen are left out. */
    private final boolean spares;

    private final List<Facet> facets = new ArrayList<>();

    private Bodies(BoxModel model, Peel peel, boolean spares) {
        this.model = model;
        this.peel = peel;
        this.spares = spares;
    }

    /** {@return the facets of what is on, but for those that other parts hide from everywhere} */
    static List<Facet> of(BoxModel model, Peel peel) {
        return of(model, peel, true);
    }

    /** {@return the facets of what is on: all, or but for those that other parts hide from everywhere} */
    static List<Facet> of(BoxModel model, Peel peel, boolean spares) {
        Bodies bodies = new Bodies(model, peel, spares);
        List<PanelFrame> panels = model.find(Frame.class).map(Frame::panels).orElse(List.of());
        panels.parallelStream()
                .map(panel -> bodies.of(panel))
                .toList()
                .forEach(bodies.facets::addAll);
        if (!panels.isEmpty() && peel.has(Coat.ROOF) && peel.has(Coat.OUTER_SKIN)) {
            bodies.drips();
        }
        if (peel.cutMm().isPresent()) {
            bodies.cut(peel.cutMm().getAsDouble());
        }
        if (peel.has(Coat.CARRIER)) {
            CarrierBodies.of(model, bodies.facets);
        }
        return List.copyOf(bodies.facets);
    }

    private List<Facet> of(PanelFrame panel) {
        Bodies own = new Bodies(model, peel, spares);
        own.panel(panel);
        return own.facets;
    }

    private boolean isOn(Panel panel) {
        return switch (panel.kind()) {
            case ROOF -> peel.has(Coat.ROOF);
            case FLOOR -> peel.has(Coat.FLOOR);
            default -> true;
        };
    }

    private void panel(PanelFrame frame) {
        Panel panel = frame.panel();
        if (!isOn(panel)) {
            return;
        }
        boolean hidden = isHidden(panel);
        if (!hidden) {
            filling(frame);
        }
        model.find(Skins.class).stream()
                .flatMap(skins -> skins.pieces().stream())
                .filter(piece -> piece.panel().id().equals(panel.id()))
                .forEach(this::sheet);
        panel.skins().stream()
                .filter(skin -> skin.layer().isFound())
                .forEach(skin -> found(panel, skin));
        if (peel.has(Coat.MEMBERS)) {
            ribs(panel);
        }
        if (peel.has(Coat.UNITS)) {
            openings(panel).forEach(this::unit);
        }
        if (panel.kind() == PanelKind.ROOF && peel.liftMm() > 0) {
            facets.replaceAll(facet -> lifted(facet, peel.liftMm()));
        }
    }

    /**
     * {@return whether foam and members fill a wall or roof side by side, lined within and not cut open: where they
     * touch, neither shows its side}
     */
    private boolean isFilled(Panel panel) {
        return spares
                && panel.kind() != PanelKind.FLOOR
                && panel.isFilledBetweenMembers()
                && peel.has(Coat.MEMBERS)
                && peel.has(Coat.FOAM)
                && peel.has(Coat.LINING)
                && peel.cutMm().isEmpty()
                && peel.liftMm() == 0;
    }

    /** {@return whether skin and lining hide what is in a wall or roof} */
    private boolean isHidden(Panel panel) {
        boolean closed = peel.has(Coat.OUTER_SKIN) && peel.has(Coat.LINING);
        boolean whole = peel.cutMm().isEmpty() && peel.liftMm() == 0;
        return panel.kind() != PanelKind.FLOOR && closed && whole;
    }

    private Stream<PlacedOpening> openings(Panel panel) {
        return model.find(Openings.class).stream().flatMap(found -> found.in(panel).stream());
    }

    /** Members and the foam between them. */
    private void filling(PanelFrame frame) {
        List<Polygon2> bays = peel.has(Coat.FOAM) ? bays(frame) : List.of();
        boolean filled = isFilled(frame.panel());
        if (peel.has(Coat.MEMBERS)) {
            Touching foam = new Touching(filled ? bays : List.of(), filled);
            // a block that ends short of the lining is looked under from the side
            Touching shallow = new Touching(foam.shapes(), false);
            frame.members().forEach(one -> member(one, one.reachesInnerFace() ? foam : shallow));
            frame.firrings().forEach(member -> member(member, Prism.Touch.NONE));
        }
        List<Polygon2> timber =
                filled
                        ? frame.members().stream()
                                .filter(frame::isFullDepth)
                                .map(Member::profile)
                                .toList()
                        : List.of();
        foam(frame.panel(), bays, new Touching(timber, filled));
    }

    private void member(Member member, Prism.Touch touch) {
        new Prism(
                        member.surface(),
                        member.profile(),
                        member.fromInwardMm(),
                        member.toInwardMm(),
                        Matter.ofMember(member.section().isTube()),
                        member.name())
                .facets(touch, facets::add);
    }

    private List<Polygon2> bays(PanelFrame frame) {
        Panel panel = frame.panel();
        List<Polygon2> taken = new ArrayList<>();
        if (panel.isFilledBetweenMembers()) {
            frame.members().forEach(member -> taken.add(member.profile()));
            openings(panel).forEach(one -> taken.add(Polygon2.rectangle(one.clear())));
        }
        return panel.rooms().stream().flatMap(room -> room.without(taken).stream()).toList();
    }

    private void foam(Panel panel, List<Polygon2> bays, Prism.Touch touch) {
        double from = panel.fillingFromMm();
        double thick = from + panel.filling().thicknessMm();
        double to = panel.isFilledBetweenMembers() ? Math.min(thick, panel.depthMm()) : thick;
        String part = panel.id() + " foam";
        for (Polygon2 bay : bays) {
            new Prism(panel.surface(), bay, from, to, Matter.FOAM, part).facets(touch, facets::add);
        }
    }

    private void sheet(SheetPiece piece) {
        Skin skin = piece.skin();
        Skin.Face face = skin.face();
        boolean outer = face == Skin.Face.OUTER;
        boolean inner = face == Skin.Face.INNER;
        if ((outer && !peel.has(Coat.OUTER_SKIN)) || (inner && !peel.has(Coat.LINING))) {
            return;
        }
        double from = skin.fromInwardMm();
        double to = from + skin.layer().thicknessMm();
        Matter matter = outer ? Matter.SKIN : Matter.BOARD;
        if (outer || inner) {
            double seen = outer ? from : to;
            new Prism(piece.surface(), piece.laid(), seen, seen, matter, piece.name())
                    .sheet(facets::add);
        } else {
            new Prism(piece.surface(), piece.laid(), from, to, matter, piece.name())
                    .facets(facets::add);
        }
    }

    /** A skin that is there, openings cut out of it: no sheets of it are cut. */
    private void found(Panel panel, Skin skin) {
        List<Polygon2> holes =
                openings(panel).map(one -> Polygon2.rectangle(one.cutOut())).toList();
        skin.area()
                .without(holes)
                .forEach(
                        shape ->
                                sheet(new SheetPiece(panel.id() + " skin", panel, skin, shape, 0)));
    }

    /** The drip edge that hangs from the rim of the roof. */
    private void drips() {
        List<Facet> drips = new ArrayList<>();
        RoofEdge.of(model.plan().box(), model.outline()).stream()
                .flatMap(edge -> edge.drips().stream().map(rim -> new Drip(rim, edge.over())))
                .forEach(drip -> drip.facets(drips::add));
        drips.forEach(facet -> facets.add(lifted(facet, peel.liftMm())));
    }

    /** Posts and bows of a bought shell, behind its skin. */
    private void ribs(Panel panel) {
        double length = model.outline().lengthMm();
        model.plan().found().stream()
                .flatMap(shell -> Rib.of(shell, panel, length).stream())
                .forEach(
                        rib ->
                                new Prism(
                                                panel.surface(),
                                                rib.shape(),
                                                rib.fromMm(),
                                                rib.toMm(),
                                                Matter.STEEL,
                                                panel.id() + " rib")
                                        .facets(facets::add));
    }

    private void unit(PlacedOpening one) {
        boolean glass = one.opening().kind() == Opening.Kind.WINDOW;
        double outside = one.panel().skins().getFirst().fromInwardMm() - FLANGE_MM;
        new Prism(
                        one.panel().surface(),
                        Polygon2.rectangle(one.cutOut()),
                        outside,
                        outside + UNIT_MM,
                        glass ? Matter.GLASS : Matter.DOOR,
                        one.opening().id())
                .facets(facets::add);
    }

    private static Facet lifted(Facet facet, double upMm) {
        Point3 up = new Point3(0, 0, upMm);
        return new Facet(
                facet.corners().stream().map(corner -> corner.plus(up)).toList(),
                facet.edges(),
                facet.matter(),
                facet.part(),
                facet.thin());
    }

    /** Takes away what lies behind a place; what is cut open is seen from within. */
    private void cut(double xMm) {
        Plane plane = new Plane(new Point3(-1, 0, 0), -xMm);
        List<Facet> left = new ArrayList<>();
        for (Facet facet : facets) {
            Plane.Halves halves = plane.cut(facet);
            boolean whole =
                    halves.under().isEmpty() && halves.over().map(facet::equals).orElse(false);
            halves.over().ifPresent(half -> left.add(whole ? half : open(half)));
        }
        facets.clear();
        facets.addAll(left);
    }

    private static Facet open(Facet facet) {
        return new Facet(facet.corners(), facet.edges(), facet.matter(), facet.part(), true);
    }
}
