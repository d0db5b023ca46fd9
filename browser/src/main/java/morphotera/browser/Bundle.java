package morphotera.browser;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.decide.Advice;
import morphotera.decide.CauseTable;
import morphotera.decide.Ruling;
import morphotera.decide.sheets.Sheet;
import morphotera.decide.sheets.Sheets;
import morphotera.follow.Practised;
import morphotera.ground.Band;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import morphotera.ground.Tree;
import morphotera.measure.Cell;
import morphotera.measure.Curves;
import morphotera.measure.Evaluation;
import morphotera.measure.Grade;
import morphotera.measure.Group;
import morphotera.measure.Method;
import morphotera.measure.Sample;
import morphotera.measure.Site;
import morphotera.measure.Taken;
import morphotera.measure.VisitDay;
import morphotera.measure.methods.Methods;
import morphotera.read.School;
import morphotera.read.Yardstick;
import morphotera.scout.WetTime;

/** A field taken along, as {@code GET /api/fields/{id}/copy} answers, read into what the rules know. */
final class Bundle {
    private final Tree tree;
    private final Site site;
    private final Map<String, VisitDay> visits = new LinkedHashMap<>();
    private final Map<String, Tree> visitTrees = new LinkedHashMap<>();
    /** Read when they are first asked for. */
    private List<Taken> standing;

    private Yardstick yardstick;

    Bundle(Tree tree) {
        this.tree = tree;
        this.site = site(tree.at("field"));
        tree.at("visits").each(one -> {
            VisitDay day = visit(one);
            visits.put(day.id(), day);
            visitTrees.put(day.id(), one);
            return day;
        });
    }

    Site site() {
        return site;
    }

    VisitDay visit(String id) {
        VisitDay found = visits.get(id);
        if (found == null) {
            throw new Refused(List.of(new Refusal("/visitId", "unknown-id", "There is no such visit in this copy.")));
        }
        return found;
    }

    /** A visit as it stands in the copy. */
    Tree visitTree(String id) {
        visit(id);
        return visitTrees.get(id);
    }

    /** What the copy knows of how well two visits' observers judge. */
    Practised practised(Tree before, Tree after) {
        String then = before.at("observerId").text();
        String now = after.at("observerId").text();
        return new Practised(then.equals(now), skills(then), skills(now));
    }

    /** None in copies of before practice was kept. */
    private Map<String, Practised.Skill> skills(String person) {
        Map<String, Practised.Skill> skills = new LinkedHashMap<>();
        if (tree.has("skills") && tree.at("skills").has(person)) {
            Tree of = tree.at("skills").at(person);
            for (String method : of.map().keySet()) {
                Tree skill = of.at(method);
                skills.put(
                        method,
                        new Practised.Skill(
                                (int) skill.at("n").number(),
                                skill.at("lean").number(),
                                skill.at("spread").number(),
                                skill.at("bias").number()));
            }
        }
        return skills;
    }

    List<VisitDay> visits() {
        return List.copyOf(visits.values());
    }

    Site.Zone zone(String asked) {
        return site.zone(asked)
                .orElseThrow(() -> new Refused(
                        List.of(new Refusal("/zone", "unknown-id", "There is no zone '" + asked + "' in this copy."))));
    }

    /** Of all visits, those that neither were corrected nor set aside. */
    List<Taken> standing() {
        if (standing == null) {
            List<Taken> all = new ArrayList<>();
            tree.at("readings").each(one -> {
                if (!one.has("correctedBy") && !one.has("setAside")) {
                    all.add(taken(one));
                }
                return one;
            });
            standing = List.copyOf(all);
        }
        return standing;
    }

    List<Taken> standing(Site.Zone zone, String visit) {
        return site.ofZone(zone, standing()).stream()
                .filter(one -> one.visit().equals(visit))
                .toList();
    }

    List<Advice.Log> log() {
        return tree.eachOrNone(
                "log",
                one -> new Advice.Log(
                        one.at("kind").text(), Days.of(one.at("doneOn").text()), one.textOrNull("zoneId")));
    }

    /** What people said of a zone's causes in a visit. */
    List<Ruling> rulings(String visit, String zone) {
        List<Ruling> all = new ArrayList<>();
        tree.eachOrNone("rulings", one -> {
            if (one.at("visitId").text().equals(visit)
                    && one.at("zoneId").text().equals(zone)) {
                all.add(new Ruling(
                        one.at("cause").text(),
                        Coded.of(Ruling.Word.values(), one.at("word").text()),
                        Coded.of(Ruling.By.values(), one.at("by").text()),
                        one.at("why").text(),
                        (int) one.at("version").number()));
            }
            return one;
        });
        return all;
    }

    /** The copy's own table of causes, else the one that ships with the core. */
    CauseTable causes() {
        boolean own = tree.has("tables") && tree.at("tables").has("causes");
        return own ? CauseTable.of(tree.at("tables").at("causes").value()) : Shipped.causes();
    }

    /** The tables that ship, with those of the copy's practice in their places. */
    Sheets sheets() {
        Map<String, List<Sheet.Row>> own = new LinkedHashMap<>();
        tree.eachOrNone("sheets", sheet -> {
            own.put(
                    sheet.at("id").text(),
                    sheet.eachOrNone(
                            "rows",
                            row -> new Sheet.Row(
                                    row.at("key").text(), row.at("values").each(Tree::number))));
            return sheet;
        });
        return Sheets.SHIPPED.with(own);
    }

    /** The yardstick that most of these were scored with, as a tree; null where none says. */
    @Nullable
    Object usedBy(List<Taken> readings) {
        Map<String, Tree> byId = new LinkedHashMap<>();
        tree.at("readings").each(one -> byId.put(one.at("id").text(), one));
        Map<String, Integer> counts = new LinkedHashMap<>();
        Map<String, Tree> of = new LinkedHashMap<>();
        for (Taken taken : readings) {
            Tree one = byId.get(taken.id());
            if (one != null && one.has("yardstick")) {
                String named = one.textOrNull("yardstickId") + " " + taken.yardstick();
                counts.put(named, counts.getOrDefault(named, 0) + 1);
                of.putIfAbsent(named, one);
            }
        }
        String most = null;
        for (String named : counts.keySet()) {
            most = most == null || counts.get(named) > counts.get(most) ? named : most;
        }
        if (most == null) {
            return null;
        }
        Tree one = of.get(most);
        return Trees.of(
                "id",
                one.has("yardstickId") ? one.at("yardstickId").text() : Yardstick.SHIPPED_ID,
                "name",
                one.at("yardstick").text(),
                "version",
                (int) one.at("yardstickVersion").number());
    }

    /** The copy's own yardstick, else the one that ships with the core. */
    Yardstick yardstick() {
        if (yardstick == null) {
            School school = Coded.of(School.values(), site.school());
            yardstick = tree.has("yardstick")
                    ? Yardstick.of(tree.at("yardstick").value(), school)
                    : Shipped.yardstick(school);
        }
        return yardstick;
    }

    private static Site site(Tree field) {
        return new Site(
                field.at("use").text(),
                field.textOrNull("texture"),
                numberOrNull(field, "clayPercent"),
                field.textOrNull("crop"),
                field.textOrNull("purpose"),
                field.textOrNull("climate"),
                (Boolean) field.map().get("coastal"),
                numberOrNull(field, "buildingM"),
                numberOrNull(field, "wellM"),
                numberOrNull(field, "septicM"),
                dayOrNull(field, "sulphideClearOn"),
                field.has("school") ? field.at("school").text() : School.BALANCED.word(),
                field.at("outline").each(corner -> corner.at("lat").number()).get(0),
                field.at("zones")
                        .each(zone -> new Site.Zone(
                                zone.at("id").text(),
                                zone.at("name").text(),
                                zone.at("kind").text(),
                                zone.textOrNull("texture"),
                                numberOrNull(zone, "clayPercent"))),
                field.at("spots")
                        .each(spot -> new Site.Spot(
                                spot.at("id").text(),
                                spot.at("zoneId").text(),
                                spot.at("label").text(),
                                spot.textOrNull("note"),
                                dayOrNull(spot, "retiredOn"))),
                field.eachOrNone("samples", Bundle::sample));
    }

    private static Sample sample(Tree one) {
        return new Sample(
                one.at("id").text(),
                one.at("zoneId").text(),
                one.at("label").text(),
                Days.hours(one.at("takenAt").text()),
                hourOrNull(one, "cooledAt"),
                hourOrNull(one, "handedOverAt"),
                one.eachOrNone("justDressed", Tree::text));
    }

    private VisitDay visit(Tree visit) {
        String day = visit.at("day").text();
        Double daysSinceRain = numberOrNull(visit, "daysSinceRain");
        Map<String, Map<String, Boolean>> ticks = new LinkedHashMap<>();
        if (visit.has("ticks")) {
            Tree byZone = visit.at("ticks");
            byZone.map().keySet().forEach(zone -> {
                Map<String, Boolean> seen = new LinkedHashMap<>();
                byZone.at(zone).map().forEach((finding, value) -> seen.put(finding, (Boolean) value));
                ticks.put(zone, seen);
            });
        }
        return new VisitDay(
                visit.at("id").text(),
                Days.of(day),
                visit.textOrNull("moisture"),
                numberOrNull(visit, "soilTemperatureC"),
                daysSinceRain,
                WetTime.tells(
                        Days.month(day), site.latitude(), site.climate(), daysSinceRain, numberOrNull(visit, "rainMm")),
                ticks);
    }

    private Taken taken(Tree reading) {
        Method method = Methods.find(reading.at("method").text()).orElseThrow();
        Map<String, Object> entered = reading.at("reading").map();
        VisitDay visit = visit(reading.at("visitId").text());
        Cell cell = Cell.of(
                method.description(),
                reading.textOrNull("variant"),
                reading.has("repeat") ? (int) reading.at("repeat").number() : 1,
                entered);
        return new Taken(
                reading.at("id").text(),
                visit.id(),
                visit.day(),
                reading.has("spotId")
                        ? reading.at("spotId").text()
                        : reading.at("sampleId").text(),
                cell,
                entered,
                evaluation(reading.at("evaluation")),
                reading.textOrNull("yardstick") + " "
                        + (reading.has("yardstickVersion")
                                ? (int) reading.at("yardstickVersion").number()
                                : 0),
                visit.wet(),
                !reading.has("spotId"));
    }

    private static Evaluation evaluation(Tree done) {
        Double score = numberOrNull(done, "score");
        return new Evaluation(
                done.at("method").text(),
                Grade.valueOf(done.at("grade").text()),
                Coded.of(Group.values(), done.at("group").text()),
                done.at("measures")
                        .each(one -> new Evaluation.Measure(
                                one.at("key").text(),
                                numberOrNull(one, "value"),
                                one.textOrNull("unit"),
                                numberOrNull(one, "depthCm"),
                                one.has("index")
                                        ? Integer.valueOf((int) one.at("index").number())
                                        : null,
                                numberOrNull(one, "plusMinus"),
                                Boolean.TRUE.equals(one.map().get("estimated")))),
                done.at("words").map(),
                score,
                score == null ? null : Band.of(score),
                done.at("because")
                        .each(one -> new Evaluation.Reason(
                                one.at("code").text(), one.at("text").text())),
                done.at("flags")
                        .each(one -> new Evaluation.Flag(
                                one.at("code").text(),
                                Coded.of(
                                        Evaluation.Level.values(),
                                        one.at("level").text()),
                                one.at("text").text())),
                done.has("placed") ? placed(done.at("placed")) : null,
                done.at("hollow").each(Tree::text));
    }

    private static Curves.Placed placed(Tree placed) {
        return new Curves.Placed(
                placed.at("curve").text(),
                placed.at("xMeaning").text(),
                placed.at("x").number(),
                placed.at("score").number(),
                placed.at("knots").each(knot -> knot.each(Tree::number)),
                placed.at("yardstick").text(),
                (int) placed.at("version").number());
    }

    private static @Nullable Double numberOrNull(Tree tree, String key) {
        return tree.has(key) ? Double.valueOf(tree.at(key).number()) : null;
    }

    private static @Nullable Double hourOrNull(Tree tree, String key) {
        return tree.has(key) ? Double.valueOf(Days.hours(tree.at(key).text())) : null;
    }

    private static @Nullable Long dayOrNull(Tree tree, String key) {
        return tree.has(key) ? Long.valueOf(Days.of(tree.at(key).text())) : null;
    }
}
