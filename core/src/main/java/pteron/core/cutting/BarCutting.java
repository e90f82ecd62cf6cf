package pteron.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import pteron.core.buildup.BuildUpLimits;
import pteron.core.buildup.Section;
import pteron.core.cutting.CuttingJob.CutPart;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.frame.Bend;
import pteron.core.frame.Member;
import pteron.core.mechanics.KerfBend;
import pteron.core.mechanics.LaminatedBend;
import pteron.core.mechanics.RolledBend;
import pteron.core.mechanics.SawnBend;
import pteron.core.plan.Supplies;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;

/**
 * The members of a box cut from bars, one plan for each section and timber. Immutable.
 *
 * @param kinds sections and timbers with their plans, in the order they appear in the frame
 */
public record BarCutting(Map<Kind, CuttingPlan> kinds) {

    /** No bars. */
    public static final BarCutting NONE = new BarCutting(Map.of());

    /**
     * A kind of bar.
     *
     * @param section section, thickness by depth
     * @param timber id in the library
     */
    public record Kind(Section section, String timber) {}

    /** {@return the members cut from bars} */
    public static BarCutting of(List<Member> members, Supplies supplies) {
        return of(members, supplies, best -> {}, () -> false);
    }

    /**
     * {@return the members cut from bars; the best so far when stopped}
     *
     * @param members all members
     * @param supplies stock lengths and kerf
     * @param progress is told after each kind, on the calling thread
     * @param stopped asked between steps whether to stop
     */
    public static BarCutting of(
            List<Member> members,
            Supplies supplies,
            Consumer<BarCutting> progress,
            BooleanSupplier stopped) {
        Map<Kind, List<CutPart>> parts = new LinkedHashMap<>();
        for (Member member : members) {
            List<CutPart> own = parts.computeIfAbsent(kind(member), kind -> new ArrayList<>());
            own.addAll(parts(member, supplies.kerfMm()));
        }
        Map<Kind, CuttingPlan> plans = new LinkedHashMap<>();
        parts.forEach(
                (kind, list) -> {
                    CuttingJob job =
                            new CuttingJob(
                                    list,
                                    supplies.lengthsMm(kind.section().isTube()),
                                    supplies.saw());
                    plans.put(kind, CuttingStage.of(job, best -> {}, stopped));
                    progress.accept(new BarCutting(new LinkedHashMap<>(plans)));
                });
        return new BarCutting(plans);
    }

    /** {@return what a member is cut from: itself, the bars of its strips, or the pieces that it is sawn in} */
    private static List<CutPart> parts(Member member, double kerfMm) {
        return switch (member.bend().flatMap(Bend::way).orElse(null)) {
            case LaminatedBend glued ->
                    several(member, "strips", glued.bars(kerfMm), member.lengthMm());
            case SawnBend sawn -> several(member, "piece", sawn.inTwoLayers(), sawn.pieceMm());
            case KerfBend _, RolledBend _ -> List.of(new CutPart(member.name(), member.lengthMm()));
            case null -> List.of(new CutPart(member.name(), member.lengthMm()));
        };
    }

    private static List<CutPart> several(Member member, String what, int count, double lengthMm) {
        List<CutPart> parts = new ArrayList<>();
        for (int i = 1; i <= count; i++) {
            String name = count == 1 ? member.name() : member.name() + ", " + what + " " + i;
            parts.add(new CutPart(name, lengthMm));
        }
        return parts;
    }

    private static Kind kind(Member member) {
        if (member.bend().flatMap(Bend::way).orElse(null) instanceof SawnBend sawn) {
            double half = member.section().depthMm() / 2;
            double thick = Math.max(half, BuildUpLimits.SECTION_THICKNESS.least());
            Section board = new Section(thick, sawn.boardMm());
            return new Kind(board, member.timber());
        }
        Section section = member.section();
        double less = Math.min(section.thicknessMm(), section.depthMm());
        double more = Math.max(section.thicknessMm(), section.depthMm());
        return new Kind(new Section(less, more, section.wallMm()), member.timber());
    }

    /** {@return total length bought (mm)} */
    public double boughtMm() {
        return kinds.values().stream().mapToDouble(CuttingPlan::boughtMm).sum();
    }

    /** {@return total length that no cutting can go below (mm)} */
    public double boundMm() {
        return kinds.values().stream().mapToDouble(CuttingPlan::boundMm).sum();
    }

    /** {@return number of bars} */
    public int barCount() {
        return kinds.values().stream().mapToInt(plan -> plan.bars().size()).sum();
    }

    /** {@return share of what is bought that is left over or sawn away (percent)} */
    public double wastePercent() {
        double parts = kinds.values().stream().mapToDouble(CuttingPlan::partsMm).sum();
        return boughtMm() == 0 ? 0 : 100 * (1 - parts / boughtMm());
    }

    /** {@return bars, lengths, bound and waste as figures} */
    public List<Figure> figures() {
        return List.of(
                figure(
                        CuttingStation.CUTTING.figure("bars"),
                        "Bars to buy",
                        Quantity.count(barCount())),
                figure(
                        CuttingStation.CUTTING.figure("bought"),
                        "Length of bars to buy",
                        metres(boughtMm())),
                figure(
                        CuttingStation.CUTTING.figure("bound"),
                        "Proven minimum length",
                        metres(boundMm())),
                figure(
                        CuttingStation.CUTTING.figure("waste"),
                        "Waste",
                        new Quantity(wastePercent(), Unit.PERCENT)));
    }

    private Figure figure(String key, String name, Quantity quantity) {
        return Figure.of(key, name, quantity, this::working);
    }

    private Working working() {
        Working.Builder working =
                Working.of(
                        "least total length bought, so that every part is cut from a bar with its kerf");
        int number = 0;
        for (Map.Entry<Kind, CuttingPlan> one : kinds.entrySet()) {
            CuttingPlan plan = one.getValue();
            String name = "section " + ++number;
            working.worked("bought", name, metres(plan.boughtMm()), () -> bars(one.getKey(), plan));
            working.worked(
                    "bound", name + ", proven minimum", metres(plan.boundMm()), () -> parts(plan));
        }
        return working.source("cutting stock, Gilmore and Gomory 1961; solved with OR-Tools");
    }

    private static Working bars(Kind kind, CuttingPlan plan) {
        Working.Builder working = Working.of("bought = sum of the bars");
        working.plan("b", "thickness of the section", Quantity.mm(kind.section().thicknessMm()));
        working.plan("h", "depth of the section", Quantity.mm(kind.section().depthMm()));
        for (Bar bar : plan.bars()) {
            working.standard("bar", "as the shop sells it", Quantity.mm(bar.stockMm()));
        }
        return working.source("added up");
    }

    private static Working parts(CuttingPlan plan) {
        Working.Builder working = Working.of("bound = least that any choice of bars can buy");
        for (Bar bar : plan.bars()) {
            bar.pieces()
                    .forEach(
                            piece ->
                                    working.plan("l", piece.name(), Quantity.mm(piece.lengthMm())));
        }
        return working.source("relaxation of the cutting stock problem, Gilmore and Gomory 1961");
    }

    private static Quantity metres(double mm) {
        return new Quantity(mm / 1000, Unit.METRE);
    }
}
