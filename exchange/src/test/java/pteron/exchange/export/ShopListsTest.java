package pteron.exchange.export;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import pteron.core.cutting.BarCutting;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.StartingPlans;

class ShopListsTest {

    private static BoxModel model;
    private static BarCutting cutting;

    @BeforeAll
    static void work() {
        BoxPlan plan = StartingPlans.square();
        model = BoxModel.of(plan, MaterialLibrary.starting());
        cutting = BarCutting.of(model.members(), plan.supplies());
    }

    @Test
    void cutList_headerAndARow() {
        List<String> lines = WrittenLists.of("cut-list", model).lines().toList();
        assertThat(lines.getFirst())
                .isEqualTo(
                        "name,role,panel,material,thickness mm,depth mm,length mm,start cut °,end cut °,edge bevel °,mass kg,tightest radius mm,strips,wall mm,start meets,end meets,weld mm,page,number,from 0 mm,centre mm,short point mm,saw at start,saw at end,length from the work,frames");
        assertThat(lines)
                .anyMatch(
                        line ->
                                line.startsWith(
                                        "right stud 1,stud,right,Softwood C24,38,63,1885,0,0,0,"))
                .anyMatch(
                        line -> line.startsWith("floor front end bearer 1,front end bearer,floor,"))
                .noneMatch(line -> line.contains(",c24,"));
    }

    @Test
    void bars_listTheirPiecesLongestFirst() {
        List<String> lines = WrittenLists.of("bars", model, cutting).lines().toList();
        assertThat(lines).hasSize(cutting.barCount() + 1);
        assertThat(lines.get(1)).contains("Softwood C24").contains("; ");
        assertThat(lines.get(1).split(",")).hasSize(8);
    }

    @Test
    void materials_nameWhatToAskFor() {
        String text = WrittenLists.of("materials", model, cutting);
        assertThat(text)
                .contains("bar,Softwood C24,38 × 63 × ")
                .contains("sheet,Aluminium sheet,1.5 × 1250 × 2500,")
                .contains("window,Window B,800 × 620,1,unit")
                .contains("door,Door,640 × 1850,1,unit")
                .contains("sealant,Polyurethane sealant,290 mL,")
                .contains("tape,Butyl tape,for 7.8 m,1,rolls");
    }

    /** A unit that is there already is on no list of what is bought; another one is. */
    @Test
    void whatIsThere_isNotBought() {
        BoxPlan plan =
                StartingPlans.square()
                        .withOpening(
                                StartingPlans.square().openings().getFirst().id(),
                                one -> one.withSource(Opening.Source.THERE_ALREADY));
        String text =
                WrittenLists.of(
                        "materials", BoxModel.of(plan, MaterialLibrary.starting()), cutting);
        assertThat(text).containsOnlyOnce(",1,unit");
    }

    @Test
    void sheets_tellHolesAndSize() {
        assertThat(WrittenLists.of("sheets", model))
                .contains("left outer 2,left,outer,Aluminium sheet,1.5,1250,2158.5,")
                .contains("floor bottom 1,floor,floor bottom,Birch plywood,6.5,");
    }

    @Test
    void brokenOutline_givesEmptyLists() {
        BoxPlan plan = StartingPlans.square();
        List<OutlinePoint> open =
                List.of(
                        new OutlinePoint(0, 0),
                        new OutlinePoint(0, 2000),
                        new OutlinePoint(4000, 900));
        BoxModel broken =
                BoxModel.of(plan.withBox(plan.box().withOutline(open)), MaterialLibrary.starting());
        assertThat(WrittenLists.of("cut-list", broken).lines()).hasSize(1);
        assertThat(WrittenLists.of("sheets", broken).lines()).hasSize(1);
        assertThat(WrittenLists.of("materials", broken).lines()).hasSize(1);
    }
}
