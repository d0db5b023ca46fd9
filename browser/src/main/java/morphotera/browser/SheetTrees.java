package morphotera.browser;

import java.util.List;
import java.util.Map;
import morphotera.ground.Nullable;
import morphotera.ground.Tree;
import morphotera.scout.Kit;
import morphotera.scout.KitAsked;
import morphotera.scout.runsheet.Asked;
import morphotera.scout.runsheet.RunSheet;

/** A run sheet's question and answer as the API's trees. */
final class SheetTrees {
    private SheetTrees() {}

    static Asked asked(Tree in) {
        return new Asked(
                whole(in, "people"),
                in.textOrNull("textureGroup"),
                gate(in),
                spots(in),
                tests(in),
                real(in, "walkMPerS"),
                whole(in, "setDownS"),
                in.has("now") ? now(in.at("now")) : null);
    }

    static KitAsked kitAsked(Tree in) {
        return new KitAsked(
                tests(in),
                whole(in, "people"),
                real(in, "holeDiameterMm"),
                real(in, "ringDiameterMm"),
                in.has("spots") ? spots(in) : null,
                gate(in),
                in.textOrNull("textureGroup"));
    }

    private static @Nullable Asked.Place gate(Tree in) {
        return in.has("gate") ? new Asked.Place(real(in.at("gate"), "lat"), real(in.at("gate"), "lon")) : null;
    }

    private static List<Asked.Spot> spots(Tree in) {
        return in.eachOrNone(
                "spots", spot -> new Asked.Spot(spot.textOrNull("id"), real(spot, "lat"), real(spot, "lon")));
    }

    private static List<Asked.Test> tests(Tree in) {
        return in.eachOrNone(
                "tests",
                test -> new Asked.Test(test.textOrNull("spot"), test.textOrNull("method"), test.textOrNull("variant")));
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

    static Map<String, Object> kit(Kit kit) {
        return Trees.of(
                "tools",
                        Trees.each(
                                kit.tools(),
                                one -> Trees.of("item", one.item(), "count", one.count(), "for", one.methods())),
                "consumables",
                        Trees.each(
                                kit.consumables(),
                                one -> Trees.of(
                                        "item", one.item(),
                                        "quantity", one.quantity(),
                                        "unit", one.unit(),
                                        "spare", one.spare(),
                                        "for", one.methods())),
                "protection",
                        Trees.each(kit.protection(), one -> Trees.of("item", one.item(), "because", one.because())),
                "labels", kit.labels(),
                "carryKg", kit.carryKg());
    }

    private static Map<String, Object> apart(RunSheet.Apart one) {
        return Trees.of("spot", one.spot(), "methods", one.methods(), "step", one.step(), "handsOnS", one.handsOnS());
    }
}
