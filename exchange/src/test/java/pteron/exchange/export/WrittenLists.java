package pteron.exchange.export;

import pteron.core.cutting.BarCutting;
import pteron.core.model.BoxModel;
import pteron.exchange.route.FileRoute;
import pteron.exchange.station.Job;

/** Lists by the name of their file, whichever station gives them. */
public final class WrittenLists {

    private WrittenLists() {}

    /** {@return a list of a box whose bars are not cut} */
    public static String of(String name, BoxModel model) {
        return of(name, model, BarCutting.NONE);
    }

    /** {@return a list} */
    public static String of(String name, BoxModel model, BarCutting cutting) {
        Job job = new Job(model, cutting);
        return name.equals("materials")
                ? MaterialList.text(job)
                : FileRoute.ALL.stream()
                        .flatMap(files -> files.lists().stream())
                        .filter(list -> list.name().equals(name))
                        .findFirst()
                        .orElseThrow()
                        .text()
                        .apply(job);
    }
}
