package morphotera.app.land;

/** A corner of an outline, WGS 84 degrees. */
public record Corner(double lat, double lon) {}
