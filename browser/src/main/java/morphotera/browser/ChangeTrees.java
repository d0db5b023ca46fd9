package morphotera.browser;

import static morphotera.browser.Trees.each;
import static morphotera.browser.Trees.of;

import morphotera.follow.Change;
import morphotera.follow.Unlike;
import morphotera.follow.VisitChange;
import morphotera.measure.methods.Methods;

/** Visit against visit, as trees. */
final class ChangeTrees {
    private ChangeTrees() {}

    static Object pair(VisitChange.Pair one) {
        return of("spot", one.spot(), "before", one.before(), "after", one.after());
    }

    static Object change(Change one) {
        return of(
                "difference",
                one.difference(),
                "low",
                one.low(),
                "high",
                one.high(),
                "verdict",
                one.verdict(),
                "smallestChange",
                one.smallestChange(),
                "spotsForTenPoints",
                one.spotsForTenPoints());
    }

    static Object unlike(Unlike one) {
        return of("code", one.code(), "text", one.text());
    }

    static Object ofMethod(VisitChange.OfMethod one) {
        return of(
                "method", one.method(),
                "methodName", Methods.nameOf(one.method()),
                "depthClass", one.depthClass(),
                "preparation", one.preparation(),
                "plant", one.plant(),
                "pairs", each(one.pairs(), ChangeTrees::pair),
                "change", change(one.change()),
                "unlike", each(one.unlike(), ChangeTrees::unlike));
    }
}
