package pteron.core.skin;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.frame.Boarding;
import pteron.core.frame.Frame;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.SettingOut;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.material.MaterialLibrary;
import pteron.core.opening.Openings;
import pteron.core.opening.PlacedOpening;
import pteron.core.plan.Opening;
import pteron.core.quantity.Quantity;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.shell.Skin;

/** Whether what is wanted in one piece is bought in one, and whether the pieces of a floor leave by a door. */
final class PieceCheck {

    private final Openings openings;
    private final MaterialLibrary library;
    private final List<Finding> findings = new ArrayList<>();

    private PieceCheck(Openings openings, MaterialLibrary library) {
        this.openings = openings;
        this.library = library;
    }

    static List<Finding> findings(Frame frames, Openings openings, MaterialLibrary library) {
        PieceCheck check = new PieceCheck(openings, library);
        for (PanelFrame frame : frames.panels()) {
            for (Skin skin : frame.panel().skins()) {
                if (skin.laying().isWhole() && Boarding.of(skin, library).isEmpty()) {
                    check.whole(frame.panel(), skin);
                }
            }
            if (frame.panel().kind() == PanelKind.FLOOR) {
                check.leaves(frame);
            }
            if (frame.panel().kind() == PanelKind.PARTITION) {
                check.goesIn(frame);
            }
        }
        return check.findings;
    }

    private void whole(Panel panel, Skin skin) {
        Bounds2 face = new SheetPiece("", panel, skin, skin.area(), 0).cutShape().bounds();
        if (skin.isOutside()) {
            Optional<Roll> roll = Roll.of(skin, library);
            double most = roll.map(Roll::widthMm).orElse(SettingOut.sheetWidth(skin, library));
            if (roll.isEmpty() || !roll.get().holds(face)) {
                double across = Math.min(face.width(), face.height());
                add(
                        "STRIP_OFF_NO_ROLL",
                        panel,
                        Quantity.mm(across),
                        Quantity.mm(most),
                        "STRIP_IN_SHEETS");
            }
            return;
        }
        int sheets =
                SheetCount.gluedUp(
                        face,
                        SettingOut.sheetWidth(skin, library),
                        SettingOut.sheetLength(skin, library));
        if (sheets > 1) {
            add(
                    "LINING_GLUED_UP",
                    panel,
                    Quantity.count(sheets),
                    Quantity.count(1),
                    "SCARF_SHEETS");
        }
    }

    /** {@return height of the highest door into the box (mm), empty without one} */
    private OptionalDouble highestDoor() {
        return openings.placed().stream()
                .filter(one -> one.panel().kind() != PanelKind.PARTITION)
                .map(PlacedOpening::opening)
                .filter(one -> one.kind() == Opening.Kind.DOOR)
                .mapToDouble(one -> one.size().heightMm())
                .max();
    }

    /** A piece goes through a door on its edge: its shorter side may be as long as the door is high. */
    private void leaves(PanelFrame frame) {
        Skin top = frame.panel().skin(Skin.Face.FLOOR_TOP);
        OptionalDouble door = highestDoor();
        if (top.laying().across() * top.laying().up() == 1 || door.isEmpty()) {
            return;
        }
        SkinLayout layout = new SkinLayout(frame, top, List.of(), library);
        double shorter = Math.min(layout.widestPieceMm(), layout.longestPieceMm());
        if (shorter > door.getAsDouble()) {
            add(
                    "FLOOR_PIECE_STAYS",
                    frame.panel(),
                    Quantity.mm(shorter),
                    Quantity.mm(door.getAsDouble()),
                    "MORE_FLOOR_PIECES");
        }
    }

    /** Sheets of a partition are carried in by the highest door; a bonded panel goes in whole. */
    private void goesIn(PanelFrame frame) {
        OptionalDouble door = highestDoor();
        if (door.isEmpty()) {
            return;
        }
        Skin face = frame.panel().skins().getFirst();
        List<Bounds2> pieces =
                frame.panel().isBonded()
                        ? List.of(face.area().bounds())
                        : new SkinLayout(frame, face, List.of(), library)
                                .pieces().stream().map(Polygon2::bounds).toList();
        double shorter =
                pieces.stream()
                        .mapToDouble(size -> Math.min(size.width(), size.height()))
                        .max()
                        .orElse(0);
        if (shorter > door.getAsDouble()) {
            add(
                    "PARTITION_STAYS_OUTSIDE",
                    frame.panel(),
                    Quantity.mm(shorter),
                    Quantity.mm(door.getAsDouble()),
                    "NARROWER_PIECES");
        }
    }

    private void add(String code, Panel panel, Quantity has, Quantity most, String advice) {
        Point2 middle = panel.frame().bounds().middle();
        Point3 at = panel.surface().at(middle, 0);
        findings.add(
                new Finding(
                        code,
                        Severity.NOTE,
                        new Place(SkinStation.SKINS, panel.id(), at.x(), at.y(), at.z()),
                        has,
                        Limit.atMost(most),
                        Cure.advice(advice, has)));
    }
}
