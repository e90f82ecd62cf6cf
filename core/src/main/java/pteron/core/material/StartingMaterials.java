package pteron.core.material;

import java.util.List;
import java.util.stream.Stream;
import pteron.core.material.Material.Kind;

/**
 * The generic materials that Pteron starts with. Values of boards, foams and skins are what makers of
 * the generic kind commonly declare, on the low side, and are to be replaced by the declared values of
 * what is bought. Prices are plain, for comparing only.
 */
final class StartingMaterials {

    private static final String TIMBER =
            """
            id  | name         | DENSITY:E | MODULUS:E | SHEAR_MODULUS:E | BENDING:E | TENSION:E | COMPRESSION:E | BEARING:E | SHEAR:E | CONDUCTIVITY:I | VAPOUR:I | SWELLING:W | PRICE:P
            c14 | Softwood C14 | 350 |  7000 | 440 | 14 |  7.2 | 16 | 2.0 | 3.0 | 0.13 | 50 | 0.25 | 480
            c16 | Softwood C16 | 370 |  8000 | 500 | 16 |  8.5 | 17 | 2.2 | 3.2 | 0.13 | 50 | 0.25 | 520
            c18 | Softwood C18 | 380 |  9000 | 560 | 18 | 10   | 18 | 2.2 | 3.4 | 0.13 | 50 | 0.25 | 560
            c22 | Softwood C22 | 410 | 10000 | 630 | 22 | 13   | 20 | 2.4 | 3.8 | 0.13 | 50 | 0.25 | 600
            c24 | Softwood C24 | 420 | 11000 | 690 | 24 | 14.5 | 21 | 2.5 | 4.0 | 0.13 | 50 | 0.25 | 650
            c27 | Softwood C27 | 430 | 11500 | 720 | 27 | 16.5 | 22 | 2.5 | 4.0 | 0.13 | 50 | 0.25 | 720
            c30 | Softwood C30 | 460 | 12000 | 750 | 30 | 19   | 24 | 2.7 | 4.0 | 0.13 | 50 | 0.25 | 800
            d30 | Hardwood D30 | 640 | 11000 | 690 | 30 | 18   | 24 | 5.3 | 3.9 | 0.18 | 50 | 0.32 | 1500
            d40 | Hardwood D40 | 660 | 13000 | 810 | 40 | 24   | 27 | 5.5 | 4.2 | 0.18 | 50 | 0.32 | 1900
            """;

    private static final String SPECIES =
            """
            id  | name                      | DENSITY:W | MODULUS:N | SHEAR_MODULUS:P | BENDING:N | TENSION:N | COMPRESSION:N | BEARING:N | SHEAR:N | CONDUCTIVITY:I | VAPOUR:I | SWELLING:W | PRICE:P
            spf | Spruce-pine-fir No. 2     | 450 |  9653 | 600 | 12.67 | 6.52 | 15.06 | 4.89 | 1.95 | 0.13 | 50 | 0.25 | 560
            dfl | Douglas fir-larch No. 2   | 530 | 11032 | 690 | 13.03 | 8.33 | 17.69 | 7.20 | 2.61 | 0.13 | 50 | 0.27 | 700
            spf-ss | Spruce-pine-fir Select Structural | 450 | 10342 | 650 | 18.10 | 10.13 | 18.34 | 4.89 | 1.95 | 0.13 | 50 | 0.25 | 720
            dfl-1 | Douglas fir-larch No. 1 | 530 | 11721 | 730 | 14.48 | 9.77 | 19.65 | 7.20 | 2.61 | 0.13 | 50 | 0.27 | 800
            dfl-ss | Douglas fir-larch Select Structural | 530 | 13100 | 820 | 21.72 | 14.48 | 22.27 | 7.20 | 2.61 | 0.13 | 50 | 0.27 | 950
            hem-fir | Hem-fir No. 2         | 460 |  8963 | 560 | 12.31 | 7.60 | 17.03 | 4.66 | 2.17 | 0.13 | 50 | 0.27 | 600
            southern-pine | Southern pine No. 2, 2×4 | 590 | 9653:B | 600 | 15.93:B | 9.77:B | 18.99:B | 6.51:B | 2.53:B | 0.14 | 50 | 0.26 | 620
            redcedar | Western redcedar No. 2 | 370 | 6895 | 430 | 10.14 | 6.15 | 8.52 | 4.89 | 2.24 | 0.11 | 50 | 0.234 | 1400
            """;

    private static final String BOARDS =
            """
            id | name | DENSITY:P | MODULUS:P | MODULUS_ACROSS:P | BENDING:P | BENDING_ACROSS:P | TENSION:P | COMPRESSION:P | SHEAR:P | CONDUCTIVITY:I | VAPOUR:I | SWELLING:P | BEND_ALONG:P | BEND_ACROSS:P | SHEET_WIDTH:P | SHEET_LENGTH:P | LAP:P | PRICE:P
            birch-ply   | Birch plywood          | 680 | 10719:F | 6781:F | 40 | 33.2:F | 35 | 26 | 2.5 | 0.17 | 90  | 0.02 | 260 | 110 | 1250 | 2500 |    | 2600
            spruce-ply  | Softwood plywood       | 460 | 7000 | 3500 | 22 |     | 14 | 15 | 1.5 | 0.13 | 70  | 0.02 | 240 |  96 | 1220 | 2440 |    | 1100
            poplar-ply  | Poplar plywood         | 430 | 5000 | 3000 | 20 |     | 12 | 12 | 1.2 | 0.12 | 70  | 0.02 | 200 |  85 | 1220 | 2520 |    | 1500
            okoume-ply  | Okoume plywood         | 480 | 5500 | 3500 | 24 |     | 16 | 16 | 1.5 | 0.13 | 80  | 0.02 | 200 |  85 | 1220 | 2500 |    | 2400
            marine-ply  | Marine plywood         | 550 | 6500 | 4500 | 30 |     | 20 | 20 | 2.0 | 0.14 | 90  | 0.02 | 220 |  95 | 1220 | 2440 |    | 3600
            bendy-ply   | Flexible plywood       | 380 | 3500 |  400 | 15 |     |  9 |  9 | 0.8 | 0.11 | 60  | 0.03 | 300 |  15 | 1220 | 2440 |    | 2900
            osb         | Oriented strand board  | 620 | 4800 | 1900 | 18 | 9:O | 10 | 15 | 1.0 | 0.13 | 50  | 0.03 | 400 | 200 | 1250 | 2500 |    | 700
            mdf         | Fibreboard             | 730 | 2800 | 2800 | 22 |     | 13 | 13 | 1.2 | 0.166:M | 20  | 0.04 | 300 | 300 | 1220 | 2440 |    | 900
            chipboard   | Chipboard              | 650 | 2500 | 2500 | 14 |     |  8 | 11 | 1.0 | 0.13 | 50  | 0.04 | 500 | 500 | 1250 | 2500 |    | 500
            hardboard   | Hardboard              | 900 | 4000 | 4000 | 30 |     | 20 | 20 | 2.0 | 0.18 | 25:H | 0.04 | 150 | 150 | 1220 | 2440 |    | 1300
            bamboo-ply  | Bamboo panel           | 700 | 8500 | 4000 | 45 |     | 30 | 28 | 2.5 | 0.17 | 60  | 0.02 | 220 | 120 | 1220 | 2440 |    | 4200
            pine-boards | Tongue-and-groove pine | 430 | 8000 |  300 | 16 |     |  8 | 16 | 2.0 | 0.13 | 50  | 0.25 | 180 | 900 | 96   | 2400 | 8 | 1600
            cedar-boards| Tongue-and-groove cedar| 370 | 7000 |  250 | 14 |     |  7 | 14 | 1.8 | 0.11 | 50  | 0.234| 180 | 900 | 96   | 2400 | 8 | 3400
            larch-boards| Overlapping larch boards | 590 | 11000 | 350 | 24 |     |  14 | 21 | 3.0 | 0.14 | 50  | 0.30 | 180 | 900 | 145  | 4000 | 25 | 1900
            hpl         | Laminate sheet         | 1400| 9000 | 8000 | 80 |     | 60 | 90 | 5.0 | 0.25 | 10000 | 0.05 | 150 | 150 | 1300 | 3050 |    | 9000
            """;

    private static final String FOAMS =
            """
            id | name | DENSITY:P | MODULUS:P | SHEAR_MODULUS:P | SHEAR:P | COMPRESSION:P | CONDUCTIVITY:P | VAPOUR:I | EXPANSION:P | SHEET_WIDTH:P | SHEET_LENGTH:P | PRICE:P
            xps       | Extruded polystyrene         | 33  | 12 | 4.5 | 0.25 | 0.30 | 0.034 | 150 | 70 | 600  | 2500 | 280
            eps       | Expanded polystyrene         | 25  |  7 | 3.0 | 0.15 | 0.15 | 0.035 | 60  | 70 | 600  | 2500 | 120
            pir       | Polyisocyanurate, foil-faced | 32  |  6 | 2.5 | 0.12 | 0.14 | 0.023 | 10000:L | 60 | 600  | 2500 | 330
            pur-foam  | Polyurethane board           | 40  |  8 | 3.0 | 0.20 | 0.20 | 0.026 | 60  | 60 | 600  | 2500 | 360
            phenolic  | Phenolic foam, foil-faced    | 38  |  5 | 2.0 | 0.10 | 0.12 | 0.020 | 10000:L | 40 | 600  | 2400 | 480
            pet-foam  | Polyester structural foam    | 100:T | 84:T | 20:T | 0.80:T | 1.40:T | 0.034:T | 2000:P | 50 | 1220 | 2440 | 900
            pvc-foam  | Vinyl structural foam        | 80  | 75 | 25  | 1.00 | 1.20 | 0.033 | 2000| 40 | 1220 | 2440 | 2400
            balsa     | End-grain balsa              | 150:C | 4100:C | 159:C | 2.90:C | 12.7:C | 0.066:C | 50  |    | 610  | 1220 | 2200
            honeycomb | Polypropylene honeycomb      | 80  | 60 | 8   | 0.50 | 1.30 | 0.090 | 500 | 150 | 1220 | 2440 | 900
            cork      | Cork board                   | 120 | 10 | 4   | 0.15 | 0.20 | 0.040 | 10  | 40 | 500  | 1000 | 600
            wool-batt | Mineral wool batt            | 40  |    |     |      |      | 0.037 | 1   |    |      |      | 70
            sheep-wool| Sheep's wool batt            | 20  |    |     |      |      | 0.039 | 1   |    |      |      | 180
            hemp-batt | Hemp batt                    | 38  |    |     |      |      | 0.040 | 2   |    |      |      | 150
            air-gap   | Still air between layers     | 1.2 |    |      |      |      | 0.14  | 1   |    |      |      | 1
            expanding-foam | Expanding foam, cured   | 30  |  4 | 1.5 | 0.06 | 0.05 | 0.036 | 60  |    |      |      | 260
            """;

    private static final String SHEETS =
            """
            id | name | DENSITY:P | MODULUS:P | BENDING:P | TENSION:P | COMPRESSION:P | CONDUCTIVITY:I | VAPOUR:I | EXPANSION:P | BEND_ALONG:P | BEND_ACROSS:P | SHEET_WIDTH:P | SHEET_LENGTH:P | ROLL_WIDTH:P | ROLL_LENGTH:P | PRICE:P
            aluminium       | Aluminium sheet            | 2700 | 70000 | 110 | 110 | 110 | 160 | 1000000 | 23 | 40 | 40 | 1250 | 2500 | 2600 | 30000 | 14000
            steel-sheet     | Galvanised steel sheet     | 7850 | 210000| 220 | 220 | 220 | 50  | 1000000 | 12 | 60 | 60 | 1250 | 2500 | 1500 | 30000 | 14000
            stainless-sheet | Stainless steel sheet      | 7900 | 200000| 210 | 210 | 210 | 17  | 1000000 | 16 | 60 | 60 | 1250 | 2500 |      |       | 42000
            grp-skin        | Glass-fibre skin           | 1500 | 8000  | 120 | 80  | 100 | 0.30| 10000   | 25 | 120| 120| 2500 | 6000 | 3000 | 50000 | 9000
            composite-sheet | Aluminium composite sheet  | 1270 | 40000 | 60  | 50  | 50  | 0.40| 1000000 | 24 | 90 | 90 | 1250 | 2500 |      |       | 8000
            ribbed-sheet    | Ribbed aluminium sheet     | 2900 | 70000 | 140 | 140 | 140 | 160 | 1000000 | 23 | 900| 60 | 1000 | 2500 |      |       | 15000
            ribbed-steel    | Ribbed steel sheet         | 7850 | 210000| 250 | 250 | 250 | 50  | 1000000 | 12 | 900| 90 | 1000 | 2500 |      |       | 15000
            abs-sheet       | Plastic sheet              | 1050 | 2200  | 40  | 35  | 40  | 0.20| 8000    | 90 | 60 | 60 | 1220 | 2440 |      |       | 4500
            composite-panel | Foam-cored glass-fibre panel | 120 | 900  | 8   | 6   | 6   | 0.033 | 5000  | 25 | 900| 900| 2500 | 8000 |      |       | 2600
            """;

    private static final String METALS =
            """
            id | name | DENSITY:P | MODULUS:P | SHEAR_MODULUS:P | BENDING:P | TENSION:P | COMPRESSION:P | SHEAR:P | YIELD_BY_WELD:X | ULTIMATE_BY_WELD:X | CONDUCTIVITY:I | VAPOUR:I | EXPANSION:P | PRICE:P
            alu-6060  | Aluminium tube 6060-T66  | 2700 | 70000  | 27000 | 150 | 150 | 150 | 86  | 65  | 110 | 200:A | 1000000 | 23 | 14000
            alu-6061  | Aluminium tube 6061-T6   | 2700 | 70000  | 27000 | 241 | 241 | 241 | 139 | 115 | 175 | 167:A | 1000000 | 23 | 16000
            alu-6063  | Aluminium tube 6063-T6   | 2700 | 70000  | 27000 | 160:X | 160:X | 160:X | 92:X  | 65 | 110 | 200:A | 1000000 | 23 | 14500
            alu-6082  | Aluminium tube 6082-T6   | 2700 | 70000  | 27000 | 250:X | 250:X | 250:X | 144:X | 125 | 185 | 180:A | 1000000 | 23 | 16500
            steel-235 | Steel tube S235          | 7850 | 210000 | 81000 | 235 | 235 | 235 | 136 |  |  | 50  | 1000000 | 12 | 13000
            steel-a500| Steel tube A500 grade B  | 7850 | 200000 | 77000 | 317 | 317 | 317 | 183 |  |  | 50  | 1000000 | 12 | 14000
            stainless | Stainless tube           | 7900 | 200000 | 77000 | 210 | 210 | 210 | 121 |  |  | 17  | 1000000 | 16 | 40000
            """;

    private static final String MEMBRANES =
            """
            id | name | DENSITY:P | CONDUCTIVITY:I | VAPOUR:I | SHEET_WIDTH:P | SHEET_LENGTH:P | PRICE:P
            epdm            | Rubber roof membrane     | 1200 | 0.25 | 6000    | 2900 | 10000 | 9000
            tpo             | Plastic roof membrane    | 1100 | 0.20 | 20000   | 2900 | 10000 | 10000
            liquid-rubber   | Liquid rubber, cured     | 1200 | 0.25 | 5000    |      |       | 14000
            bitumen-felt    | Bitumen felt             | 1100 | 0.23 | 50000   | 1000 | 10000 | 3000
            vapour-film     | Vapour barrier film      | 980  | 0.33 | 333333:V  | 2000 | 25000 | 2500
            breather        | Breather membrane        | 300  | 0.20 | 100     | 1500 | 25000 | 3000
            foil-blanket    | Foil with bubbles        | 45   | 0.040| 40000   | 1200 | 10000 | 700
            """;

    private static final String FLOORING =
            """
            id | name | DENSITY:P | CONDUCTIVITY:I | VAPOUR:I | SHEET_WIDTH:P | SHEET_LENGTH:P | PRICE:P
            vinyl    | Vinyl sheet         | 1400 | 0.17 | 10000 | 2000 | 4000 | 8000
            linoleum | Linoleum            | 1200 | 0.17 | 800   | 2000 | 4000 | 11000
            rubber   | Rubber sheet        | 1200 | 0.17 | 10000 | 1000 | 4000 | 9000
            laminate | Laminate floor      | 850  | 0.17 | 100   | 190  | 1380 | 1600
            cork-floor | Cork floor        | 450  | 0.06 | 40    | 300  | 900  | 5000
            carpet   | Carpet              | 200  | 0.06 | 5     | 2000 | 4000 | 2000
            """;

    private static final String SEALANTS =
            """
            id | name | DENSITY:P | PRICE:P
            pu-sealant      | Polyurethane sealant     | 1350 | 28000
            hybrid-sealant  | Hybrid sealant           | 1500 | 32000
            silicone        | Silicone                 | 1050 | 22000
            self-levelling  | Self-levelling sealant   | 1300 | 40000
            butyl-sealant   | Butyl sealant            | 1350 | 20000
            """;

    private static final String TAPES =
            """
            id | name | DENSITY:P | TAPE_WIDTH:P | TAPE_THICKNESS:P | CONDUCTIVITY:I | VAPOUR:I | PRICE:P
            butyl-tape       | Butyl tape                | 1500 | 20 | 3    | 0.20  | 200000 | 12000
            closed-cell-tape | Closed-cell foam tape     | 60   | 20 | 6    | 0.040 | 3000   | 4000
            neoprene-strip   | Neoprene strip            | 150  | 25 | 3    | 0.050 | 5000   | 9000
            structural-tape  | Double-sided foam tape    | 720  | 25 | 1.1  | 0.16  | 5000   | 60000
            cork-strip       | Cork strip                | 180  | 40 | 3    | 0.045 | 10     | 5000
            """;

    private static final String ADHESIVES =
            """
            id | name | DENSITY:P | PRICE:P
            pu-glue        | Polyurethane glue, foaming      | 1120 | 14000
            epoxy          | Epoxy resin                     | 1100 | 22000
            structural-epoxy | Structural epoxy paste        | 1250 | 60000
            contact-glue   | Contact glue with solvent       | 860  | 12000
            contact-water  | Contact glue with water         | 1050 | 14000
            spray-solvent  | Spray glue with solvent         | 750  | 30000
            spray-foam-safe| Spray glue, safe for foam       | 780  | 34000
            pva            | White wood glue                 | 1080 | 6000
            construction   | Construction adhesive           | 1300 | 16000
            hybrid-glue    | Hybrid adhesive                 | 1500 | 26000
            """;

    private StartingMaterials() {}

    /** {@return all of them, those sold in feet last} */
    static List<Material> all() {
        List<Material> metric = metric();
        return Stream.concat(metric.stream(), SheetsInFeet.of(metric).stream()).toList();
    }

    private static List<Material> metric() {
        return Stream.of(
                        MaterialTable.read(Kind.TIMBER, TIMBER),
                        MaterialTable.read(Kind.TIMBER, SPECIES),
                        MaterialTable.read(Kind.BOARD, BOARDS),
                        MaterialTable.read(Kind.FOAM, FOAMS),
                        MaterialTable.read(Kind.SHEET, SHEETS),
                        MaterialTable.read(Kind.METAL, METALS),
                        MaterialTable.read(Kind.MEMBRANE, MEMBRANES),
                        MaterialTable.read(Kind.FLOORING, FLOORING),
                        MaterialTable.read(Kind.SEALANT, SEALANTS),
                        MaterialTable.read(Kind.TAPE, TAPES),
                        MaterialTable.read(Kind.ADHESIVE, ADHESIVES))
                .flatMap(List::stream)
                .toList();
    }
}
