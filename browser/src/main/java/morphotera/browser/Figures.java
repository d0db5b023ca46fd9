package morphotera.browser;

import morphotera.ground.Figure;
import org.teavm.jso.JSExport;

/** Figures as they are typed: a script of its own, small enough to answer with every key before anything else is loaded. */
public final class Figures {
    private Figures() {}

    public static void main(String[] arguments) {}

    /** What is wrong with it, in words; null where it can be read. */
    @JSExport
    public static String fault(String text, String unit) {
        try {
            Figure.read(text, unit);
            return null;
        } catch (Figure.Unread wrong) {
            return wrong.getMessage();
        }
    }

    /** Of one that can be read, in the unit that was asked for. */
    @JSExport
    public static double value(String text, String unit) {
        return Figure.read(text, unit).value();
    }

    /** So much of one unit in another. */
    @JSExport
    public static double turned(double value, String from, String to) {
        return Figure.turned(value, from, to);
    }
}
