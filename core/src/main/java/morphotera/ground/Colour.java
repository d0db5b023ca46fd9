package morphotera.ground;

/** A colour in CIELAB under daylight (D65): how light, and how far to red and to yellow. From sRGB (IEC 61966-2-1). */
public record Colour(double lightness, double red, double yellow) {
    private static final double WHITE_X = 0.95047;
    private static final double WHITE_Z = 1.08883;
    private static final double BEND = 216.0 / 24_389;
    private static final double SLOPE = 24_389.0 / 27;
    private static final double CHROMA_25 = Math.pow(25, 7);
    private static final double[] LINEAR = new double[256];

    static {
        for (int i = 0; i < LINEAR.length; i++) {
            double share = i / 255.0;
            LINEAR[i] = share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
        }
    }

    /** One channel's light as a share, from its value of 0 to 255. */
    public static double linear(int channel) {
        return LINEAR[channel];
    }

    /** The light of a pixel as a share of white's. */
    public static double luminance(int rgb) {
        return 0.2126 * LINEAR[rgb >> 16 & 255] + 0.7152 * LINEAR[rgb >> 8 & 255] + 0.0722 * LINEAR[rgb & 255];
    }

    /** How light a pixel is, 0 black to 100 white. */
    public static double lightness(int rgb) {
        return 116 * bent(luminance(rgb)) - 16;
    }

    /** Of a pixel, red in the third byte from the end. */
    public static Colour of(int rgb) {
        double r = LINEAR[rgb >> 16 & 255];
        double g = LINEAR[rgb >> 8 & 255];
        double b = LINEAR[rgb & 255];
        double x = bent((0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / WHITE_X);
        double y = bent(0.2126729 * r + 0.7151522 * g + 0.0721750 * b);
        double z = bent((0.0193339 * r + 0.1191920 * g + 0.9503041 * b) / WHITE_Z);
        return new Colour(116 * y - 16, 500 * (x - y), 200 * (y - z));
    }

    /** Of a word such as #C9A23B. */
    public static Colour of(String hex) {
        return of(Integer.parseInt(hex.substring(1), 16));
    }

    private static double bent(double share) {
        return share > BEND ? Math.pow(share, 1.0 / 3) : (SLOPE * share + 16) / 116;
    }

    /** As the crow flies in CIELAB. */
    public double distance(Colour other) {
        double l = lightness - other.lightness;
        double r = red - other.red;
        double y = yellow - other.yellow;
        return Math.sqrt(l * l + r * r + y * y);
    }

    /** The difference an eye sees (CIEDE2000; Sharma, Wu and Dalal 2005): 1 is just seen. */
    public double seen(Colour other) {
        double chroma = (length(red, yellow) + length(other.red, other.yellow)) / 2;
        double stretch = 1 + 0.5 * (1 - Math.sqrt(Math.pow(chroma, 7) / (Math.pow(chroma, 7) + CHROMA_25)));
        double c1 = length(red * stretch, yellow);
        double c2 = length(other.red * stretch, other.yellow);
        double h1 = hue(red * stretch, yellow);
        double h2 = hue(other.red * stretch, other.yellow);
        double turn = turn(c1, c2, h1, h2);
        double deltaHue = 2 * Math.sqrt(c1 * c2) * Math.sin(Math.toRadians(turn / 2));
        double light = (lightness + other.lightness) / 2 - 50;
        double meanChroma = (c1 + c2) / 2;
        double meanHue = meanHue(c1, c2, h1, h2);
        double weight = 1
                - 0.17 * Math.cos(Math.toRadians(meanHue - 30))
                + 0.24 * Math.cos(Math.toRadians(2 * meanHue))
                + 0.32 * Math.cos(Math.toRadians(3 * meanHue + 6))
                - 0.20 * Math.cos(Math.toRadians(4 * meanHue - 63));
        double ofLight = (other.lightness - lightness) / (1 + 0.015 * light * light / Math.sqrt(20 + light * light));
        double ofChroma = (c2 - c1) / (1 + 0.045 * meanChroma);
        double ofHue = deltaHue / (1 + 0.015 * meanChroma * weight);
        double blue = (meanHue - 275) / 25;
        double rotation = -2
                * Math.sqrt(Math.pow(meanChroma, 7) / (Math.pow(meanChroma, 7) + CHROMA_25))
                * Math.sin(Math.toRadians(60 * Math.exp(-blue * blue)));
        return Math.sqrt(ofLight * ofLight + ofChroma * ofChroma + ofHue * ofHue + rotation * ofChroma * ofHue);
    }

    private static double length(double a, double b) {
        return Math.sqrt(a * a + b * b);
    }

    private static double hue(double a, double b) {
        if (a == 0 && b == 0) {
            return 0;
        }
        double degrees = Math.toDegrees(Math.atan2(b, a));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    private static double turn(double c1, double c2, double h1, double h2) {
        if (c1 * c2 == 0) {
            return 0;
        }
        double turn = h2 - h1;
        return turn > 180 ? turn - 360 : turn < -180 ? turn + 360 : turn;
    }

    private static double meanHue(double c1, double c2, double h1, double h2) {
        if (c1 * c2 == 0) {
            return h1 + h2;
        }
        if (Math.abs(h1 - h2) <= 180) {
            return (h1 + h2) / 2;
        }
        return h1 + h2 < 360 ? (h1 + h2 + 360) / 2 : (h1 + h2 - 360) / 2;
    }
}
