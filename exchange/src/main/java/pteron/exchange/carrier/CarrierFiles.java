package pteron.exchange.carrier;

import pteron.core.carrier.CarrierStation;
import pteron.exchange.station.StationFiles;

/** The station's registration in files and on paper. */
public final class CarrierFiles {

    /** What it gives. */
    public static final StationFiles FILES =
            StationFiles.of(CarrierStation.CARRIER, CarrierFiles.class);

    private CarrierFiles() {}
}
