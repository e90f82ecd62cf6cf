package pteron.core.model;

import pteron.core.cutting.*;
import pteron.core.material.*;
import pteron.core.plan.*;

public class Dump {
    public static void main(String[] a) {
        for (BoxPlan p :
                java.util.List.of(
                        StartingPlans.rakedNose(),
                        StartingPlans.square(),
                        StartingPlans.slopedTail())) {
            long t = System.nanoTime();
            BoxModel m = BoxModel.of(p, MaterialLibrary.starting());
            System.out.println("ms " + (System.nanoTime() - t) / 1e6);
            if (p.name().startsWith("Raked")) {
                m.members()
                        .forEach(
                                x ->
                                        System.out.printf(
                                                "%-28s %6.1f  %s %s rip %.1f  u %.0f-%.0f v %.0f-%.0f%n",
                                                x.name(),
                                                x.lengthMm(),
                                                x.startCut().degrees(),
                                                x.endCut().degrees(),
                                                x.ripDegrees(),
                                                x.bounds().fromU(),
                                                x.bounds().toU(),
                                                x.bounds().fromV(),
                                                x.bounds().toV()));
                m.built()
                        .get()
                        .skins()
                        .pieces()
                        .forEach(
                                x ->
                                        System.out.printf(
                                                "%-20s %.1f kg u %.0f-%.0f v %.0f-%.0f%n",
                                                x.name(),
                                                x.massKg(),
                                                x.shape().bounds().fromU(),
                                                x.shape().bounds().toU(),
                                                x.shape().bounds().fromV(),
                                                x.shape().bounds().toV()));
                m.figures().forEach(System.out::println);
            }
            m.findings()
                    .forEach(
                            f ->
                                    System.out.println(
                                            f.severity()
                                                    + " "
                                                    + f.code()
                                                    + " "
                                                    + f.place().part()
                                                    + " "
                                                    + f.demand().value()
                                                    + " / "
                                                    + f.limit().quantity().value()));
            for (int i = 0; i < 30; i++) {
                t = System.nanoTime();
                BoxModel.of(p, MaterialLibrary.starting());
                if (i % 10 == 9) System.out.println("ms " + (System.nanoTime() - t) / 1e6);
            }
            t = System.nanoTime();
            BarCutting c = BarCutting.of(m.members(), p.supplies());
            System.out.println("cut ms " + (System.nanoTime() - t) / 1e6);
            c.figures().forEach(System.out::println);
            c.kinds()
                    .forEach(
                            (k, q) ->
                                    System.out.println(
                                            k.text()
                                                    + " "
                                                    + q.bars().size()
                                                    + " "
                                                    + q.boughtMm()
                                                    + " "
                                                    + q.boundMm()));
        }
    }
}
