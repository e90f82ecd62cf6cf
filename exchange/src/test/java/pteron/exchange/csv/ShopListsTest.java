package pteron.exchange.csv;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import pteron.core.cutting.BarCutting;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
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
        List<String> lines = ShopLists.cutList(model).lines().toList();
        assertThat(lines.getFirst())
                .isEqualTo(
                        "name,role,panel,timber,thickness mm,depth mm,length mm,start cut °,end cut °,rip °,mass kg");
        assertThat(lines)
                .anyMatch(line -> line.startsWith("right stud 1,stud,right,c24,38,63,1885,0,0,0,"));
    }

    @Test
    void bars_listTheirPiecesLongestFirst() {
        List<String> lines = ShopLists.barList(cutting).lines().toList();
        assertThat(lines).hasSize(cutting.barCount() + 1);
        assertThat(lines.get(1)).contains("c24").contains("; ");
        assertThat(ShopLists.pieces(cutting.kinds().values().iterator().next().bars().getFirst()))
                .doesNotContain(",");
    }

    @Test
    void materials_nameWhatToAskFor() {
        String text = MaterialList.text(model, cutting);
        assertThat(text)
                .contains("bar,Softwood C24,38 × 63 × ")
                .contains("sheet,Aluminium sheet,1.5 × 1250 × 2500,")
                .contains("window,Window B,800 × 620,1,unit")
                .contains("door,Door,640 × 1850,1,unit")
                .contains("sealant,Polyurethane sealant,290 mL,")
                .contains("tape,Butyl tape,for 7.8 m,1,rolls");
    }

    @Test
    void sheets_tellHolesAndSize() {
        assertThat(ShopLists.sheetList(model))
                .contains("left outer 2,left,outer,aluminium,1.5,1250,2158.5,")
                .contains("floor bottom 1,floor,floor bottom,birch-ply,6.5,");
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
        assertThat(ShopLists.cutList(broken).lines()).hasSize(1);
        assertThat(ShopLists.sheetList(broken).lines()).hasSize(1);
        assertThat(MaterialList.text(broken, BarCutting.NONE).lines()).hasSize(1);
    }

    @Test
    void numbers_arePlain() {
        assertThat(Csv.number(1885.04, 1)).isEqualTo("1885");
        assertThat(Csv.number(0.04, 1)).isEqualTo("0");
        assertThat(Csv.number(-0.04, 1)).isEqualTo("0");
        assertThat(Csv.number(1200, 0)).isEqualTo("1200");
    }
}
