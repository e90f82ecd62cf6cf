package pteron.exchange.tally;

import java.util.List;
import java.util.TreeMap;
import pteron.core.tally.Tally;
import pteron.core.tally.TallyStation;
import pteron.exchange.csv.Csv;
import pteron.exchange.station.Job;
import pteron.exchange.station.ShopList;
import pteron.exchange.station.StationFiles;

/** The station's registration in files and on paper. */
public final class TallyFiles {

    private static final float[] SHARES = {0.6f, 0.4f};

    /** What it gives. */
    public static final StationFiles FILES =
            StationFiles.of(TallyStation.TALLY, TallyFiles.class)
                    .lists(new ShopList("tally", TallyFiles::text))
                    .tables(
                            (job, pages) -> {
                                pages.heading("Tally");
                                for (var one : members(job).entrySet()) {
                                    String count = String.valueOf(one.getValue());
                                    pages.row(false, SHARES, List.of(one.getKey(), count));
                                }
                            });

    private TallyFiles() {}

    private static TreeMap<String, Integer> members(Job job) {
        return job.model()
                .find(Tally.class)
                .map(tally -> new TreeMap<>(tally.members()))
                .orElseGet(TreeMap::new);
    }

    private static String text(Job job) {
        return Csv.text(
                new String[] {"panel", "members"}, rows -> members(job).forEach(rows::print));
    }
}
