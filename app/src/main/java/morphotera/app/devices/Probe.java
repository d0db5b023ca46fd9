package morphotera.app.devices;

/** Something held into the soil that says a figure again and again: a real one, or a stand-in that ships. */
public interface Probe {
    String id();

    String name();

    /** salinity, ph, temperature, force: what the rule of stability judges it by. */
    String kind();

    String unit();

    /** Whether it only stands in for a device. */
    boolean isStandIn();

    /** One held into the soil, from then on. */
    Run begin(long seed);

    interface Run {
        Instant at(double atS);
    }

    /** @param temperatureC of the soil at its tip */
    record Instant(double atS, double value, String unit, double temperatureC) {}
}
