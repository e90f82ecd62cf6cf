package pteron.core.school;

import java.util.ArrayList;
import java.util.List;
import pteron.core.buildup.Alternative;
import pteron.core.buildup.Alternative.Part;
import pteron.core.buildup.BuildUp;
import pteron.core.buildup.Framed;
import pteron.core.extent.FrameShare;
import pteron.core.makeup.MakeUpStage;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.Named;
import pteron.core.stage.Stage;

/** Adds up the planned build-ups and the alternatives kept beside them. */
public final class SchoolStage {

    /**
     * What the build-ups read.
     *
     * @param makeUp the layers and the alternatives to them
     * @param share share of the members
     * @param library the materials
     */
    public record Input(MakeUp makeUp, FrameShare share, MaterialLibrary library) {}

    /** The stage. */
    public static final Stage<Input, SideBySide> STAGE =
            new Stage<>(
                    SideBySide.class,
                    given ->
                            given.find(FrameShare.class)
                                    .map(
                                            share ->
                                                    new Input(
                                                            given.plan().makeUp(),
                                                            share,
                                                            given.library())),
                    input -> of(input.makeUp, input.share, input.library));

    private SchoolStage() {}

    /**
     * {@return the planned build-up of every part, each followed by its alternatives; alternatives of
     * unknown materials are left out}
     *
     * @param makeUp the make-up, its materials known
     * @param share share of the members in walls and roof
     * @param library its materials
     */
    public static SideBySide of(MakeUp makeUp, FrameShare share, MaterialLibrary library) {
        List<School> schools = new ArrayList<>();
        for (Part part : Part.values()) {
            BuildUp planned = planned(makeUp, part);
            schools.add(
                    new School(
                            "planned",
                            part,
                            true,
                            BuildUpSums.of(word(part), planned, share(part, share), library)));
            for (Alternative other : makeUp.alternatives()) {
                if (other.part() == part && MakeUpStage.isUsable(other, library)) {
                    double members = like(planned, share(part, share), other.buildUp());
                    schools.add(
                            new School(
                                    other.name(),
                                    part,
                                    false,
                                    BuildUpSums.of(word(part), other.buildUp(), members, library)));
                }
            }
        }
        return new SideBySide(schools, SchoolFigures.of(schools));
    }

    /**
     * Share that members of another build-up would take of the same box: as much more than their spacing tells as
     * those that are planned take, for corners, doubles and openings are the same.
     *
     * <pre>  f = f₀ · f(t, s) / f(t₀, s₀)  </pre>
     *
     * f₀ counted from the planned frame, f(t, s) from thickness and spacing. Where only one of the two has a frame
     * its spacing alone is taken. Source: common practice. Example: f₀ 0.20, t₀ 38, s₀ 500 and t 25, s 500 gives
     * 0.20 · 0.11 / 0.136 = 0.162.
     */
    static double like(BuildUp planned, double counted, BuildUp other) {
        if (!(other instanceof Framed framed) || !(planned instanceof Framed built)) {
            return 0;
        }
        double own = FrameShare.fromSpacing(framed);
        boolean alike = isFrameless(framed) == isFrameless(built);
        return alike ? Math.min(1, counted * own / FrameShare.fromSpacing(built)) : own;
    }

    private static boolean isFrameless(Framed framed) {
        return framed.scheme() == Framed.Scheme.FRAMELESS;
    }

    /** {@return the planned build-up of a part} */
    public static BuildUp planned(MakeUp makeUp, Part part) {
        return switch (part) {
            case FLOOR -> makeUp.floor();
            case WALLS -> makeUp.walls();
            case ROOF -> makeUp.roof();
        };
    }

    private static double share(Part part, FrameShare share) {
        return switch (part) {
            case FLOOR -> 0;
            case WALLS -> share.walls();
            case ROOF -> share.roof();
        };
    }

    private static String word(Part part) {
        return Named.small(part);
    }
}
