package pteron.core.drawing;

import java.util.List;
import java.util.Map;
import java.util.Set;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.Role;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.model.BoxModel;
import pteron.core.opening.Openings;
import pteron.core.opening.PlacedOpening;
import pteron.core.outline.Outline;
import pteron.core.quantity.Named;
import pteron.core.sealing.SealedJoint;
import pteron.core.sealing.Sealing;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.shell.Shell;
import pteron.core.shell.Skin;
import pteron.core.skin.Seam;
import pteron.core.skin.Skins;
import pteron.core.station.Station;
import pteron.core.strength.Strength;

/** Draws the box: panels, members, openings, and what the station adds. */
final class BoxShapes {

    private static final Set<Role> STRIP_FROM_THE_SIDE =
            Set.of(Role.BOW, Role.END_BOW, Role.BOTTOM_PLATE, Role.TOP_PLATE);

    /** Utilisation from which it is written on the member. */
    private static final double WORTH_TELLING = 0.5;

    /** Room for a utilisation beside its neighbours (mm); closer members leave it out. */
    private static final double USE_ROOM_MM = 330;

    private final Canvas canvas;
    private final Station station;

    BoxShapes(Canvas canvas, Station station) {
        this.canvas = canvas;
        this.station = station;
    }

    /** Draws panels with their members, nearest last, as seen through their outer skin. */
    void panels(Set<PanelKind> kinds) {
        canvas.model().built().ifPresent(built -> panels(built, kinds));
    }

    private void panels(BoxModel built, Set<PanelKind> kinds) {
        Map<String, Double> uses = built.get(Strength.class).byMember();
        boolean showsUse = station == Station.FRAME;
        for (PanelFrame frame : built.get(Frame.class).panels()) {
            Panel panel = frame.panel();
            if (kinds.contains(panel.kind())) {
                if (!panel.kind().isSide()) {
                    canvas.flat(Matter.SKIN, panel, panel.skins().getFirst().area(), 0);
                }
                canvas.flat(Matter.FOAM, panel, panel.frame(), 0);
                for (Member member : frame.members()) {
                    double use = showsUse ? uses.getOrDefault(member.name(), 0.0) : 0;
                    canvas.member(member, use);
                }
            }
        }
        seams(built, kinds);
        for (PlacedOpening one : built.get(Openings.class).placed()) {
            if (kinds.contains(one.panel().kind())) {
                canvas.opening(one);
                if (station == Station.SEALING) {
                    canvas.tape(one);
                }
            }
        }
        if (showsUse) {
            uses(built, kinds);
        }
    }

    private void seams(BoxModel built, Set<PanelKind> kinds) {
        if (station == Station.SKINS || station == Station.OPENINGS) {
            for (Seam seam : built.get(Skins.class).seams()) {
                boolean shown = seam.skin() == seam.panel().skins().getFirst();
                if (shown && kinds.contains(seam.panel().kind())) {
                    canvas.seam(seam);
                }
            }
        }
    }

    private void uses(BoxModel built, Set<PanelKind> kinds) {
        for (PanelFrame frame : built.get(Frame.class).panels()) {
            if (kinds.contains(frame.panel().kind())) {
                for (Member member : frame.members()) {
                    double use =
                            built.get(Strength.class).byMember().getOrDefault(member.name(), 0.0);
                    if (use > WORTH_TELLING) {
                        Point2 at = canvas.at(member.centre());
                        String text = "%d %%".formatted(Math.round(use * 100));
                        canvas.add(new Shape.Label(at, text, Shape.Label.Kind.USE, USE_ROOM_MM));
                    }
                }
            }
        }
    }

    /** Draws the skin of a side wall, which everything else is seen through. */
    void skin(PanelKind side) {
        if (canvas.model().built().isEmpty() && canvas.model().outline().usable()) {
            new BareShapes(canvas).side(side);
        }
        canvas.model()
                .built()
                .flatMap(built -> built.get(Shell.class).panel(Named.small(side)))
                .ifPresent(
                        panel ->
                                canvas.flat(
                                        Matter.SKIN, panel, panel.skins().getFirst().area(), 0));
    }

    /** Draws the strip and the floor end on, behind the side wall. */
    void stripFromTheSide() {
        canvas.model()
                .built()
                .ifPresent(
                        built -> {
                            for (PanelFrame frame : built.get(Frame.class).panels()) {
                                PanelKind kind = frame.panel().kind();
                                if (!kind.isSide()) {
                                    stripFromTheSide(frame);
                                }
                            }
                        });
    }

    private void stripFromTheSide(PanelFrame frame) {
        Panel panel = frame.panel();
        if (panel.kind() == PanelKind.FLOOR) {
            floorFromTheSide(panel);
        } else {
            band(panel);
        }
        for (Member member : frame.members()) {
            boolean across = panel.kind().isRoof() ? member.isUpright() : !member.isUpright();
            if (across && STRIP_FROM_THE_SIDE.contains(member.role())) {
                canvas.member(member, 0);
            }
        }
    }

    private void band(Panel panel) {
        var bounds = panel.frame().bounds();
        boolean roof = panel.kind().isRoof();
        double from = roof ? bounds.fromU() : bounds.fromV();
        double to = roof ? bounds.toU() : bounds.toV();
        canvas.area(
                Matter.FOAM,
                List.of(
                        onStrip(panel, from, 0),
                        onStrip(panel, to, 0),
                        onStrip(panel, to, panel.depthMm()),
                        onStrip(panel, from, panel.depthMm())));
    }

    private Point2 onStrip(Panel panel, double along, double inward) {
        Point2 point = panel.kind().isRoof() ? new Point2(along, 0) : new Point2(0, along);
        return canvas.at(panel.placement().at(point, inward));
    }

    private void floorFromTheSide(Panel panel) {
        var bounds = panel.frame().bounds();
        double front = bounds.fromV();
        double rear = bounds.toV();
        canvas.rectangle(
                Matter.TIMBER, canvas.at(front, 0, 0), canvas.at(rear, 0, panel.depthMm()));
        double core = panel.fillingFromMm();
        canvas.rectangle(
                Matter.FOAM,
                canvas.at(front, 0, core),
                canvas.at(rear, 0, core + panel.filling().thicknessMm()));
        for (Skin skin : panel.skins()) {
            canvas.rectangle(
                    Matter.BOARD,
                    canvas.at(front, 0, skin.fromInwardMm()),
                    canvas.at(rear, 0, skin.fromInwardMm() + skin.layer().thicknessMm()));
        }
    }

    void outline() {
        canvas.line(
                LineKind.OUTLINE,
                OutlineShapes.chain(canvas.model()).stream()
                        .map(point -> canvas.at(point.u(), 0, point.v()))
                        .toList());
        new BareShapes(canvas).overhang();
    }

    /** Draws joints in the sealing station, the centre of gravity and the supports in that of balance. */
    void extras() {
        if (station == Station.SEALING) {
            canvas.model()
                    .built()
                    .ifPresent(
                            built ->
                                    built.get(Sealing.class).joints().stream()
                                            .filter(this::isNear)
                                            .forEach(canvas::joint));
        }
        if (station == Station.BALANCE || station == Station.CARRIER) {
            Point3 centre = canvas.model().balance().centre();
            canvas.add(new Shape.Mark(canvas.at(centre), Shape.Mark.Kind.CENTRE_OF_GRAVITY));
        }
    }

    /** {@return whether a joint lies on the side that is looked at, not behind the box} */
    private boolean isNear(SealedJoint joint) {
        Outline outline = canvas.model().outline();
        double middle = (outline.foremostMm() + outline.rearmostMm()) / 2;
        Point3 from = joint.from();
        Point3 to = joint.to();
        return switch (canvas.view()) {
            case LEFT -> Math.min(from.y(), to.y()) <= 0;
            case RIGHT -> Math.max(from.y(), to.y()) >= 0;
            case FRONT -> Math.min(from.x(), to.x()) <= middle;
            case REAR -> Math.max(from.x(), to.x()) >= middle;
            default -> true;
        };
    }
}
