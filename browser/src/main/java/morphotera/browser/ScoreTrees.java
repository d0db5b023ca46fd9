package morphotera.browser;

import static morphotera.browser.Trees.each;
import static morphotera.browser.Trees.of;
import static morphotera.browser.Trees.orNull;

import morphotera.measure.VisitDay;
import morphotera.read.Cut;
import morphotera.read.FieldScores;
import morphotera.read.GroundColumn;
import morphotera.read.MethodScore;
import morphotera.read.Section;

/** Scores of a zone, and a cut through its ground, as trees. */
final class ScoreTrees {
    private ScoreTrees() {}

    /** @param yardstick that made them, as a tree */
    static Object scores(FieldScores one, Object yardstick) {
        return of(
                "methods",
                each(one.methods(), ScoreTrees::methodScore),
                "groups",
                each(one.groups(), ScoreTrees::groupScore),
                "soil",
                orNull(one.soil(), ScoreTrees::soil),
                "plants",
                one.plants(),
                "difference",
                one.difference(),
                "balance",
                one.balance(),
                "yardstick",
                yardstick);
    }

    static Object methodScore(MethodScore one) {
        return of(
                "method",
                one.method(),
                "depthClass",
                one.depthClass(),
                "inGroup",
                one.inGroup(),
                "group",
                one.group(),
                "grade",
                one.grade().name(),
                "n",
                one.n(),
                "mean",
                one.mean(),
                "sd",
                one.sd(),
                "lowest",
                one.lowest(),
                "highest",
                one.highest(),
                "uneven",
                one.uneven(),
                "odd",
                one.odd(),
                "hollow",
                one.hollow(),
                "mixed",
                one.mixed(),
                "spots",
                each(one.spots(), ScoreTrees::atSpot));
    }

    static Object atSpot(MethodScore.AtSpot one) {
        return of("spot", one.spot(), "score", one.score(), "hollow", one.hollow(), "beside", one.beside());
    }

    static Object groupScore(FieldScores.GroupScore one) {
        return of("group", one.group(), "score", one.score());
    }

    static Object soil(FieldScores.Soil one) {
        return of(
                "balanced",
                one.balanced(),
                "weakest",
                one.weakest(),
                "tally",
                one.tally(),
                "coverage",
                one.coverage(),
                "spotsPerMethod",
                one.spotsPerMethod(),
                "provisional",
                one.provisional());
    }

    static Object column(Cut.Column one) {
        return of(
                "spotId",
                one.spotId(),
                "label",
                one.label(),
                "note",
                one.note(),
                "zoneKind",
                one.zoneKind(),
                "score",
                one.score(),
                "ground",
                orNull(one.ground(), ScoreTrees::ground));
    }

    static Object ground(GroundColumn one) {
        return of(
                "spot",
                one.spot(),
                "layers",
                each(one.layers(), ScoreTrees::layer),
                "cone",
                each(one.cone(), ScoreTrees::at),
                "coneHollow",
                one.coneHollow(),
                "coneBefore",
                each(one.coneBefore(), ScoreTrees::at),
                "limitCm",
                one.limitCm(),
                "panPeakCm",
                one.panPeakCm(),
                "panBaseCm",
                one.panBaseCm(),
                "root80Cm",
                one.root80Cm(),
                "rootMaxCm",
                one.rootMaxCm(),
                "rootRatio",
                one.rootRatio(),
                "rootStopCm",
                one.rootStopCm(),
                "rootsEndFlat",
                one.rootsEndFlat(),
                "rootsBent",
                one.rootsBent(),
                "waterAtCm",
                one.waterAtCm(),
                "ph",
                each(one.ph(), ScoreTrees::at),
                "salinity",
                each(one.salinity(), ScoreTrees::at));
    }

    static Object layer(GroundColumn.Layer one) {
        return of(
                "topCm",
                one.topCm(),
                "bottomCm",
                one.bottomCm(),
                "shape",
                one.shape(),
                "effort",
                one.effort(),
                "pores",
                one.pores(),
                "roots",
                one.roots(),
                "mottles",
                one.mottles(),
                "moisture",
                one.moisture(),
                "pit",
                one.pit());
    }

    static Object at(GroundColumn.At one) {
        return of("depthCm", one.depthCm(), "value", one.value());
    }

    static Object sentence(Section.Sentence one) {
        return of("code", one.code(), "text", one.text());
    }

    /** The visit before by its id and day, as the API has it. */
    static Object cut(Cut cut) {
        VisitDay previous = cut.previous();
        return of(
                "deepestCm", cut.deepestCm(),
                "previousVisit", previous == null ? null : previous.id(),
                "previousDay", previous == null ? null : Days.iso(previous.day()),
                "columns", each(cut.columns(), ScoreTrees::column),
                "said", each(cut.said(), ScoreTrees::sentence));
    }
}
