package morphotera.browser;

import java.util.Map;
import morphotera.ground.Tree;
import morphotera.scout.runsheet.Asked;
import morphotera.scout.runsheet.RunSheet;

/** A run sheet's question and answer as the API's trees. */
final class SheetTrees {
    private SheetTrees() {}

    static Asked asked(Tree in) {
        return new Asked(
                whole(in, "people"),
                in.textOrNull("textureGroup"),
                in.has("gate") ? new Asked.Place(real(in.at("gate"), "lat"), real(in.at("gate"), "lon")) : null,
                in.eachOrNone(
                        "spots", spot -> new Asked.Spot(spot.textOrNull("id"), real(spot, "lat"), real(spot, "lon"))),
                in.eachOrNone(
                        "tests",
                        test -> new Asked.Test(
                                test.textOrNull("spot"), test.textOrNull("method"), test.textOrNull("variant"))),
                real(in, "walkMPerS"),
                whole(in, "setDownS"),
                in.has("now") ? now(in.at("now")) : null);
    }

    private static Asked.Now now(Tree in) {
        return new Asked.Now(
                whole(in, "atS"),
                in.eachOrNone("people", one -> new Asked.Standing(whole(one, "person"), one.textOrNull("spot"))),
                in.eachOrNone(
                        "done",
                        one -> new Asked.Done(
                                one.textOrNull("spot"),
                                one.textOrNull("method"),
                                one.textOrNull("step"),
                                whole(one, "endS"))),
                in.eachOrNone(
                        "running",
                        one -> new Asked.Running(
                                whole(one, "person"),
                                one.textOrNull("spot"),
                                one.textOrNull("method"),
                                one.textOrNull("step"),
                                whole(one, "startS"))));
    }

    private static Integer whole(Tree in, String key) {
        return in.has(key) ? Integer.valueOf((int) in.at(key).number()) : null;
    }

    private static Double real(Tree in, String key) {
        return in.has(key) ? Double.valueOf(in.at(key).number()) : null;
    }

    static Map<String, Object> sheet(RunSheet sheet) {
        return Trees.of(
                "steps",
                        Trees.each(
                                sheet.steps(),
                                one -> Trees.of(
                                        "person", one.person(),
                                        "spot", one.spot(),
                                        "methods", one.methods(),
                                        "step", one.step(),
                                        "startS", one.startS(),
                                        "endS", one.endS())),
                "totalS", sheet.totalS(),
                "handsOnS", sheet.handsOnS(),
                "walkS", sheet.walkS(),
                "oneAfterAnotherS", sheet.oneAfterAnotherS(),
                "lowerBoundS", sheet.lowerBoundS(),
                "dayBefore", Trees.each(sheet.dayBefore(), SheetTrees::apart),
                "later", Trees.each(sheet.later(), SheetTrees::apart),
                "missed",
                        Trees.each(
                                sheet.missed(),
                                one -> Trees.of(
                                        "spot", one.spot(),
                                        "method", one.method(),
                                        "step", one.step(),
                                        "byS", one.byS())));
    }

    private static Map<String, Object> apart(RunSheet.Apart one) {
        return Trees.of("spot", one.spot(), "methods", one.methods(), "step", one.step(), "handsOnS", one.handsOnS());
    }
}
