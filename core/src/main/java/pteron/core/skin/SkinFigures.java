package pteron.core.skin;

import java.util.ArrayList;
import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.quantity.Named;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.shell.Skin;

/** Number, mass and areas of the sheets, with their workings. */
final class SkinFigures {

    private SkinFigures() {}

    static List<Figure> of(List<SheetPiece> pieces, List<Seam> seams, List<SheetOrder> orders) {
        List<Figure> figures = new ArrayList<>();
        figures.add(toBuy("sheets", "Whole sheets to buy", of(orders, false)));
        List<SheetOrder> boards = of(orders, true);
        if (!boards.isEmpty()) {
            figures.add(toBuy("boards", "Boards to buy", boards));
        }
        figures.add(
                Figure.of(
                        SkinStation.SKINS.figure("pieces"),
                        "Pieces of sheet",
                        Quantity.count(pieces.size()),
                        () -> piecesWorking(pieces)));
        double mass = pieces.stream().mapToDouble(SheetPiece::massKg).sum();
        figures.add(
                Figure.of(
                        SkinStation.SKINS.figure("mass"),
                        "Mass of the sheets",
                        Quantity.kg(mass),
                        () -> massWorking(pieces)));
        figures.add(seamLength(seams));
        for (Skin.Face face : Skin.Face.values()) {
            figures.add(area(face, pieces));
        }
        return figures;
    }

    private static List<SheetOrder> of(List<SheetOrder> orders, boolean boards) {
        return orders.stream()
                .filter(order -> (order.form() == SheetOrder.Form.BOARDS) == boards)
                .toList();
    }

    private static Figure toBuy(String key, String name, List<SheetOrder> orders) {
        return Figure.of(
                SkinStation.SKINS.figure(key),
                name,
                Quantity.count(orders.stream().mapToInt(SheetOrder::sheets).sum()),
                () -> sheetsWorking(orders));
    }

    private static Figure seamLength(List<Seam> seams) {
        double metres =
                seams.stream()
                        .filter(seam -> seam.skin().isOutside())
                        .mapToDouble(seam -> seam.line().lengthMm())
                        .sum();
        return Figure.of(
                SkinStation.SKINS.figure("outer-seams"),
                "Seams outside",
                new Quantity(metres / 1000, Unit.METRE),
                () ->
                        Working.of("sum of the seams between outer sheets")
                                .worked(
                                        "n",
                                        "seams outside",
                                        Quantity.count(
                                                seams.stream()
                                                        .filter(s -> s.skin().isOutside())
                                                        .count()),
                                        () -> seamWorking(seams))
                                .source("geometry"));
    }

    private static Figure area(Skin.Face face, List<SheetPiece> pieces) {
        double area =
                pieces.stream()
                        .filter(piece -> piece.skin().face() == face)
                        .mapToDouble(piece -> piece.cutShape().area())
                        .sum();
        return Figure.of(
                SkinStation.SKINS.figure("area." + Named.key(face)),
                "Area of the " + Named.words(face) + " sheets",
                new Quantity(area / 1e6, Unit.SQUARE_METRE),
                () -> areaWorking(pieces.stream().filter(p -> p.skin().face() == face).toList()));
    }

    private static Working piecesWorking(List<SheetPiece> pieces) {
        Working.Builder working = Working.of("n = pieces of all faces");
        for (Skin.Face face : Skin.Face.values()) {
            List<SheetPiece> own = pieces.stream().filter(p -> p.skin().face() == face).toList();
            working.worked("n", face.words(), Quantity.count(own.size()), () -> areaWorking(own));
        }
        return working.source("counted");
    }

    private static Working areaWorking(List<SheetPiece> pieces) {
        Working.Builder working = Working.of("A = sum of the pieces, openings cut out");
        for (SheetPiece piece : pieces) {
            working.plan(
                    "A",
                    piece.name(),
                    new Quantity(piece.cutShape().area() / 1e6, Unit.SQUARE_METRE));
        }
        return working.plan("n", "pieces", Quantity.count(pieces.size())).source("geometry");
    }

    private static Working seamWorking(List<Seam> seams) {
        Working.Builder working = Working.of("sum of the lengths");
        seams.stream()
                .filter(seam -> seam.skin().isOutside())
                .forEach(
                        seam ->
                                working.plan(
                                        "l", "seam as drawn", Quantity.mm(seam.line().lengthMm())));
        long count = seams.stream().filter(seam -> seam.skin().isOutside()).count();
        return working.plan("n", "seams outside", Quantity.count(count)).source("geometry");
    }

    private static Working sheetsWorking(List<SheetOrder> orders) {
        Working.Builder working =
                Working.of("pieces side by side on sheets, end to end on boards, first fit");
        for (SheetOrder order : orders) {
            working.worked(
                    "n",
                    "%s, %d pieces".formatted(order.material(), order.pieces()),
                    Quantity.count(order.sheets()),
                    () ->
                            Working.of("sheets that hold the pieces, widest or longest first")
                                    .plan("n", "pieces", Quantity.count(order.pieces()))
                                    .material("sheet", "as bought", Quantity.count(1))
                                    .source("first fit decreasing, D. S. Johnson 1973"));
        }
        return working.source("first fit decreasing, D. S. Johnson 1973; errs on the large side");
    }

    private static Working massWorking(List<SheetPiece> pieces) {
        Working.Builder working = Working.of("m = sum of area × thickness × density");
        for (Skin.Face face : Skin.Face.values()) {
            List<SheetPiece> own =
                    pieces.stream().filter(piece -> piece.skin().face() == face).toList();
            double mass = own.stream().mapToDouble(SheetPiece::massKg).sum();
            working.worked("m", face.words(), Quantity.kg(mass), () -> faceMass(own));
        }
        return working.source("densities from the material library");
    }

    private static Working faceMass(List<SheetPiece> pieces) {
        Working.Builder working = Working.of("m = sum of the pieces");
        for (SheetPiece piece : pieces) {
            working.worked("m", piece.name(), Quantity.kg(piece.massKg()), () -> pieceMass(piece));
        }
        return working.plan("n", "pieces", Quantity.count(pieces.size())).source("added up");
    }

    private static Working pieceMass(SheetPiece piece) {
        double area = piece.cutShape().area() / 1e6;
        double thickness = piece.skin().layer().thicknessMm();
        return Working.of("m = A · t · density")
                .plan("A", "area as drawn", new Quantity(area, Unit.SQUARE_METRE))
                .plan("t", "thickness", Quantity.mm(thickness))
                .material(
                        "density",
                        piece.skin().layer().material(),
                        new Quantity(
                                piece.massKg() / (area * thickness / 1000),
                                Unit.KILOGRAM_PER_CUBIC_METRE))
                .source("the material library");
    }
}
