package morphotera.browser;

import morphotera.ground.Nullable;
import org.teavm.jso.JSByRef;
import org.teavm.jso.JSExport;
import org.teavm.jso.core.JSObjects;
import org.teavm.jso.core.JSString;

/** What the page may ask: the API's own JSON in, as text, and out. A refusal comes back as the API's problem. */
public final class Exports {
    private Exports() {}

    public static void main(String[] arguments) {}

    /** What may be left out. */
    private static @Nullable String beside(JSString given) {
        return JSObjects.isUndefined(given) ? null : given.stringValue();
    }

    @JSExport
    public static String evaluate(String method, String body) {
        return Calls.evaluate(method, body);
    }

    @JSExport
    public static String remedy(String id, String input) {
        return Calls.remedy(id, input);
    }

    @JSExport
    public static String scores(String body, JSString copy) {
        return Calls.scores(body, beside(copy));
    }

    @JSExport
    public static String section(String body, JSString copy) {
        return Calls.section(body, beside(copy));
    }

    @JSExport
    public static String causes(String body, JSString copy) {
        return Calls.causes(body, beside(copy));
    }

    @JSExport
    public static String change(String body, JSString copy) {
        return Calls.change(body, beside(copy));
    }

    @JSExport
    public static String evaluateAt(String ground, String body) {
        return Calls.evaluateAt(ground, body);
    }

    @JSExport
    public static String readUnit(String body) {
        return Calls.readUnit(body);
    }

    @JSExport
    public static String judge(String body) {
        return Calls.judge(body);
    }

    @JSExport
    public static String stop(String body) {
        return Calls.stop(body);
    }

    @JSExport
    public static String readChart(String body) {
        return Calls.readChart(body);
    }

    /** @param rgba a canvas's pixels, red in the lowest byte, as they lie there */
    @JSExport
    public static String cover(@JSByRef int[] rgba, int width, int height, String asked) {
        return Calls.cover(rgba, width, height, asked);
    }

    @JSExport
    public static String jar(String body) {
        return Calls.jar(body);
    }

    @JSExport
    public static String paler(@JSByRef int[] rgba, int width, int height, String asked) {
        return Calls.paler(rgba, width, height, asked);
    }

    @JSExport
    public static String planRunSheet(String body) {
        return Calls.planRunSheet(body);
    }

    @JSExport
    public static String packKit(String body) {
        return Calls.packKit(body);
    }
}
