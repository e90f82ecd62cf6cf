package pteron.core.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.frame.Frame;
import pteron.core.frame.PanelFrame;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Polygon2;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.opening.Openings;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;

/** Pieces of foam, by hand and against what is left between the members. */
class FoamPieceTest {

    private static BoxModel model(OutlineStart start) {
        return BoxModel.of(
                StartingPlans.of(start).withOpenings(List.of()), MaterialLibrary.starting());
    }

    private static List<FoamPiece> pieces(BoxModel model) {
        return FoamPiece.of(
                model.get(Frame.class), model.get(Openings.class), model.plan().makeUp());
    }

    /**
     * Square box, 2160 high: studs of 38 at 1250 / 3 leave 378.667; less two gaps of 6 it is 366.667. Between
     * plates of 38, from 108.5 to 2069.5: 1961 − 76 − 12 = 1873.
     */
    @Test
    void bayOfTheSquareBox_byHand() {
        Bounds2 piece =
                pieces(model(OutlineStart.SQUARE)).stream()
                        .filter(one -> one.name().equals("left foam 3"))
                        .findFirst()
                        .orElseThrow()
                        .cutShape()
                        .bounds();
        assertThat(piece.width()).isCloseTo(1250 / 3.0 - 38 - 12, within(0.01));
        assertThat(piece.height()).isCloseTo(1873, within(0.01));
    }

    /** No piece reaches into a member, and the gap lies round each: any outline, bent ones too. */
    @ParameterizedTest
    @EnumSource(OutlineStart.class)
    void pieces_keepTheirGap(OutlineStart start) {
        BoxModel model = model(start);
        List<FoamPiece> pieces = pieces(model);
        assertThat(pieces).hasSizeGreaterThan(20);
        for (PanelFrame frame : model.get(Frame.class).panels()) {
            List<Polygon2> members =
                    frame.members().stream()
                            .filter(frame::isFullDepth)
                            .map(member -> member.profile())
                            .toList();
            pieces.stream()
                    .filter(piece -> piece.panel().id().equals(frame.panel().id()))
                    .forEach(
                            piece ->
                                    assertThat(members)
                                            .as(piece.name())
                                            .allMatch(
                                                    member ->
                                                            member.distance(piece.shape()) > 5.9));
        }
    }
}
