package pteron.core.bonded;

import java.util.ArrayList;
import java.util.List;
import pteron.core.buildup.Framed;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.outline.Corner;
import pteron.core.outline.EdgeKind;
import pteron.core.outline.Element;
import pteron.core.outline.Outline;
import pteron.core.plan.Joining;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.skin.SkinStation;
import pteron.core.surface.Crown;

/** Angles, rebates and tongues where bonded panels meet each other or a frame; on the outside, so on the long side. */
final class CornerStuff {

    private final MakeUp makeUp;
    private final Outline outline;
    private final double widthMm;
    private final double crownMm;

    CornerStuff(MakeUp makeUp, Outline outline, double widthMm, double crownMm) {
        this.makeUp = makeUp;
        this.outline = outline;
        this.widthMm = widthMm;
        this.crownMm = crownMm;
    }

    private static boolean isBonded(Framed framed) {
        return framed.scheme() == Framed.Scheme.FRAMELESS;
    }

    private boolean isBonded(Element element) {
        return isBonded(element.kind() == EdgeKind.ROOF ? makeUp.roof() : makeUp.walls());
    }

    /** {@return length of the edges between side walls and strip where one of them is bonded (mm)} */
    double besideMm() {
        boolean walls = isBonded(makeUp.walls());
        return 2
                * outline.elements().stream()
                        .filter(element -> walls || isBonded(element))
                        .mapToDouble(Element::lengthMm)
                        .sum();
    }

    /** {@return length of the corners across the box where a bonded panel ends (mm)} */
    double acrossMm() {
        return outline.corners().stream().filter(this::isBonded).mapToDouble(this::acrossMm).sum();
    }

    /** {@return length of a corner across the box: over the rise of the roof where it has one (mm)} */
    private double acrossMm(Corner corner) {
        return outline.elements().stream()
                .filter(element -> element.touches(corner.at()))
                .flatMap(element -> element.crown(widthMm, crownMm).stream())
                .mapToDouble(Crown::arcMm)
                .max()
                .orElse(widthMm);
    }

    private boolean isBonded(Corner corner) {
        return outline.elements().stream()
                .filter(element -> element.touches(corner.at()))
                .anyMatch(this::isBonded);
    }

    List<Figure> figures() {
        List<Figure> figures = new ArrayList<>();
        Joining.Panels way = makeUp.joining().panels();
        if (way != Joining.Panels.TONGUED) {
            figures.add(metres("angles-outside", "Outside corner angles"));
        }
        if (way != Joining.Panels.REBATED) {
            figures.add(metres("angles-inside", "Inside corner angles"));
        }
        switch (way) {
            case REBATED -> figures.add(metres("rebates", "Rebates in edges of panels"));
            case TONGUED -> figures.add(metres("tongues", "Tongues between panels"));
            case ANGLES -> {}
        }
        return figures;
    }

    private Figure metres(String key, String name) {
        Quantity beside = new Quantity(besideMm() / 1000, Unit.METRE);
        Quantity across = new Quantity(acrossMm() / 1000, Unit.METRE);
        return Figure.of(
                SkinStation.SKINS.figure(key),
                name,
                new Quantity((besideMm() + acrossMm()) / 1000, Unit.METRE),
                () ->
                        Working.of("L = along both sides + across at the corners")
                                .plan("L1", "along both sides of the strip", beside)
                                .plan("L2", "across at its corners", across)
                                .source("geometry, on the outside"));
    }
}
