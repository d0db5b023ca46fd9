package morphotera.app.exchange.tables;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.devices.Laboratory;
import morphotera.app.land.Corner;
import morphotera.app.measure.KeptStreams;
import morphotera.app.people.Role;
import morphotera.app.scout.DayPlan;
import morphotera.app.scout.Templates;
import morphotera.ground.Coded;
import morphotera.ground.LandUse;
import morphotera.ground.TextureClass;
import morphotera.measure.ColourChart;
import morphotera.measure.Curves;
import morphotera.measure.Evaluation;
import morphotera.measure.methods.Methods;
import morphotera.read.School;
import tools.jackson.core.type.TypeReference;

/** Every table that goes out, in an order in which each row finds what it names: the same that comes in. */
public final class Tables {
    private static final String OF_FIELD = "join field f on f.id = t.field_id";
    private static final String OF_VISIT = "join visit v on v.id = t.visit_id join field f on f.id = v.field_id";
    private static final String OF_READING =
            "join reading r on r.id = t.reading_id join visit v on v.id = r.visit_id join field f on f.id = v.field_id";

    private static final List<String> METHODS =
            Methods.ALL.stream().map(one -> one.description().id()).toList();
    private static final List<String> USES = words(LandUse.values());

    private record FlagShape(String code, String level, String text) {}

    private Tables() {}

    private static List<String> words(Coded[] all) {
        return Arrays.stream(all).map(Coded::word).toList();
    }

    public static final List<Table> ALL = List.of(
            Table.of("people", "person", "Who measured, wrote and decided, by role; no passwords.")
                    .only("(exists (select 1 from visit v where v.observer_id = t.id)"
                            + " or exists (select 1 from reading r where r.entered_by = t.id or r.set_aside_by = t.id)"
                            + " or exists (select 1 from paper p where p.kept_by = t.id)"
                            + " or exists (select 1 from sample_order o where o.sent_by = t.id)"
                            + " or exists (select 1 from practice_answer a where a.person_id = t.id))")
                    .in("", null, null, null)
                    .id()
                    .text("name", "Name")
                    .word("role", "Role", true, words(Role.values())),
            Table.of("specimens", "practice_answer", "What people said of practice specimens, and what it was.")
                    .in("", null, null, null)
                    .key("person_id", "method", "number")
                    .refers("person_id", "people", "By")
                    .word("method", "Method", true, METHODS)
                    .integer("number", "Number of the specimen", true)
                    .instant("answered_at", "Judged", true)
                    .json(
                            "said",
                            "said_json",
                            "What was said of it",
                            true,
                            new TypeReference<Map<String, Object>>() {}.getType())
                    .number("score", "Score of what was said, 0 to 100")
                    .number("true_score", "Score of what it was, 0 to 100"),
            Table.of("holdings", "holding", "Farms and the like.")
                    .in("", "t.id", null, null)
                    .id()
                    .text("name", "Name")
                    .version(),
            Table.of("yardsticks", "paper", "Score curves of the practice's own, every version.")
                    .in("", null, null, null)
                    .papers("yardstick"),
            Table.of("fields", "field", "Fields with their outline and what is known of them.")
                    .in("", "t.holding_id", "t.id", null)
                    .id()
                    .refers("holding_id", "holdings", "Holding")
                    .text("name", "Name")
                    .word("land_use", "Land use", true, USES)
                    .word("texture", "Texture class", false, words(TextureClass.values()))
                    .mayNumber("clay_percent", "Clay, %")
                    .mayText("crop", "Crop")
                    .mayText("purpose", "Purpose")
                    .mayText("climate", "Climate")
                    .yesNo("coastal", "Coastal, reclaimed, mine or peat ground", false)
                    .mayNumber("building_m", "To the nearest building, m")
                    .mayNumber("well_m", "To the nearest drinking-water well, m")
                    .mayNumber("septic_m", "To the nearest septic field, m")
                    .day("sulphide_clear_on", "Sulphide test came back clear on", false)
                    .word("school", "How groups make one number", true, words(School.values()))
                    .uuid("yardstick_id", "Yardstick; none: the one that ships", false)
                    .json(
                            "outline",
                            "outline_json",
                            "Corners, degrees north and east (WGS 84)",
                            true,
                            new TypeReference<List<Corner>>() {}.getType())
                    .json("gate", "gate_json", "Where people come in", false, Corner.class)
                    .json("water", "water_json", "Where water can be drawn", false, Corner.class)
                    .json(
                            "avoid",
                            "avoid_json",
                            "Outlines where no spot is set",
                            true,
                            new TypeReference<List<List<Corner>>>() {}.getType())
                    .number("area_ha", "Area, ha")
                    .text("time_zone", "Time zone")
                    .version(),
            Table.of("zones", "zone", "Parts of fields: the whole, poor and good patches, strips, references.")
                    .in(OF_FIELD, "f.holding_id", "t.field_id", null)
                    .id()
                    .refers("field_id", "fields", "Field")
                    .text("name", "Name")
                    .word("kind", "Kind", true, List.of("main", "good", "poor", "strip", "reference"))
                    .word("texture", "Texture class", false, words(TextureClass.values()))
                    .mayNumber("clay_percent", "Clay, %")
                    .json(
                            "outline",
                            "outline_json",
                            "Corners, degrees north and east (WGS 84); none: known by its spots alone",
                            false,
                            new TypeReference<List<Corner>>() {}.getType())
                    .version(),
            Table.of("spots", "spot", "Where it is measured.")
                    .in(OF_FIELD, "f.holding_id", "t.field_id", null)
                    .id()
                    .refers("field_id", "fields", "Field")
                    .refers("zone_id", "zones", "Zone")
                    .text("label", "Label")
                    .mayText("note", "Note")
                    .number("lat", "Latitude, degrees (WGS 84)")
                    .number("lon", "Longitude, degrees (WGS 84)")
                    .day("retired_on", "Given up on", false)
                    .mayText("retired_reason", "Why")
                    .version(),
            Table.of("templates", "template", "Sets of tests of the practice's own.")
                    .in("", null, null, null)
                    .key("id")
                    .text("id", "Id")
                    .text("name", "Name")
                    .text("question", "Question")
                    .word("land_use", "Land use", false, USES)
                    .json("tests", "tests_json", "Tests", true, new TypeReference<List<Templates.Test>>() {}.getType())
                    .version(),
            Table.of("kit-charts", "kit_chart", "Colour charts of kits, as entered.")
                    .in("", null, null, null)
                    .id()
                    .text("name", "Name")
                    .text("kit", "Kit")
                    .text("quantity", "What it reads")
                    .mayText("unit", "Unit")
                    .json(
                            "steps",
                            "steps_json",
                            "Steps",
                            true,
                            new TypeReference<List<ColourChart.Step>>() {}.getType())
                    .version(),
            Table.of("visits", "visit", "Days at a field.")
                    .in(OF_FIELD, "f.holding_id", "t.field_id", "t.id")
                    .id()
                    .refers("field_id", "fields", "Field")
                    .day("planned_on", "Day", true)
                    .word("state", "State", true, List.of("planned", "running", "done"))
                    .text("question", "Question")
                    .json(
                            "methods",
                            "methods_json",
                            "Methods planned",
                            true,
                            new TypeReference<List<String>>() {}.getType())
                    .refers("observer_id", "people", "Observer")
                    .mayText("moisture", "Moisture of the soil")
                    .mayNumber("soil_temperature_c", "Soil temperature, °C")
                    .mayNumber("days_since_rain", "Days since rain")
                    .mayNumber("rain_mm", "Rain then, mm")
                    .mayText("weather", "Weather")
                    .json(
                            "start_card",
                            "start_card_json",
                            "When each thing on the start card was ticked",
                            true,
                            new TypeReference<Map<String, Instant>>() {}.getType())
                    .json(
                            "ticks",
                            "ticks_json",
                            "What eyes saw, by zone and finding",
                            true,
                            new TypeReference<Map<String, Map<String, Boolean>>>() {}.getType())
                    .json("plan", "plan_json", "How the day is meant", true, DayPlan.class)
                    .version()
                    .integer("revision", "Counted up by every write of the visit", true),
            Table.of("samples", "sample", "Mixed samples with their clock.")
                    .in(OF_FIELD, "f.holding_id", "t.field_id", "t.visit_id")
                    .id()
                    .refers("field_id", "fields", "Field")
                    .refers("visit_id", "visits", "Visit")
                    .refers("zone_id", "zones", "Zone")
                    .text("label", "Label")
                    .json("spots", "spots_json", "Spots", true, new TypeReference<List<UUID>>() {}.getType())
                    .integer("subsamples", "Subsamples", false)
                    .number("top_cm", "From, cm")
                    .number("bottom_cm", "To, cm")
                    .instant("taken_at", "Taken", true)
                    .instant("cooled_at", "Cooled", false)
                    .instant("handed_over_at", "Handed over", false)
                    .json("asked", "asked_json", "Asked for", true, new TypeReference<List<String>>() {}.getType())
                    .mayText("laboratory", "Laboratory")
                    .mayNumber("cost", "Cost, in the practice's currency")
                    .version(),
            Table.of("orders", "sample_order", "Samples that were sent to a laboratory, and what came back.")
                    .in(
                            "join sample s on s.id = t.sample_id join field f on f.id = s.field_id",
                            "f.holding_id",
                            "s.field_id",
                            "s.visit_id")
                    .key("sample_id")
                    .refers("sample_id", "samples", "Sample")
                    .refers("sent_by", "people", "By")
                    .instant("sent_at", "Sent", true)
                    .instant("likely_at", "Likely to be answered", true)
                    .json("bag", "bag_json", "What went along", true, Laboratory.Bag.class)
                    .instant("answered_at", "Answered", false)
                    .json(
                            "answer",
                            "answer_json",
                            "What came back",
                            false,
                            new TypeReference<Map<String, Object>>() {}.getType()),
            Table.of(
                            "readings",
                            "reading",
                            "What was entered, as it was entered; a correction is a row that names the old one.")
                    .in(OF_VISIT, "f.holding_id", "v.field_id", "t.visit_id")
                    .id()
                    .refers("visit_id", "visits", "Visit")
                    .mayRefer("spot_id", "spots", "Spot")
                    .mayRefer("sample_id", "samples", "Sample, in place of a spot")
                    .word("method", "Method", true, METHODS)
                    .mayText("variant", "Way of doing it")
                    .integer("repeat_number", "The how-many-th of its cell", true)
                    .json(
                            "entered",
                            "entered_json",
                            "What was entered",
                            true,
                            new TypeReference<Map<String, Object>>() {}.getType())
                    .mayText("note", "Note")
                    .instant("taken_at", "Taken", true)
                    .refers("entered_by", "people", "By")
                    .mayText("device", "Device")
                    .text("rules_version", "Rules when it was taken")
                    .uuid("corrects", "The reading it corrects", false)
                    .mayText("correction_reason", "Why it was corrected")
                    .mayText("set_aside_reason", "Why it was set aside")
                    .mayRefer("set_aside_by", "people", "Set aside by")
                    .instant("set_aside_at", "Set aside at", false),
            Table.of("results", "result", "What came of each reading, with all it was computed by.")
                    .in(OF_READING, "f.holding_id", "v.field_id", "r.visit_id")
                    .key("reading_id")
                    .refers("reading_id", "readings", "Reading")
                    .refers("field_id", "fields", "Field")
                    .mayRefer("spot_id", "spots", "Spot")
                    .word("method", "Method", true, METHODS)
                    .word("grade", "Grade", false, List.of("A", "B", "C"))
                    .mayNumber("score", "Score, 0 to 100")
                    .mayText("band", "Band")
                    .json(
                            "words",
                            "words_json",
                            "Results in words",
                            true,
                            new TypeReference<Map<String, Object>>() {}.getType())
                    .json(
                            "because",
                            "because_json",
                            "Why",
                            true,
                            new TypeReference<List<Evaluation.Reason>>() {}.getType())
                    .json("flags", "flags_json", "Flags", true, new TypeReference<List<FlagShape>>() {}.getType())
                    .json(
                            "hollow",
                            "hollow_json",
                            "What of it is no evidence",
                            false,
                            new TypeReference<List<String>>() {}.getType())
                    .json("curve", "placed_json", "Place on its curve", false, Curves.Placed.class)
                    .text("yardstick", "Yardstick")
                    .integer("yardstick_version", "Version of the yardstick", true)
                    .uuid("yardstick_id", "Yardstick of the practice's own", false)
                    .mayText("rules_version", "Rules it was computed by")
                    .json(
                            "context",
                            "context_json",
                            "What it was computed with",
                            false,
                            new TypeReference<Map<String, Object>>() {}.getType()),
            Table.of("streams", "reading_stream", "What a probe said in the minute before its figure was taken.")
                    .in(OF_READING, "f.holding_id", "v.field_id", "r.visit_id")
                    .key("reading_id")
                    .refers("reading_id", "readings", "Reading")
                    .json("streams", "streams_json", "Figures by field", true, KeptStreams.class),
            Table.of("measures", "measure", "The measures of each result.")
                    .withoutPractice()
                    .in(OF_READING, "f.holding_id", "v.field_id", "r.visit_id")
                    .key("reading_id", "position_in_reading")
                    .refers("reading_id", "readings", "Reading")
                    .integer("position_in_reading", "Place among its measures", true)
                    .text("measure_key", "Measure")
                    .mayNumber("measure_value", "Value, in its unit; none: looked for and not found")
                    .mayText("unit", "Unit")
                    .mayNumber("depth_cm", "Depth, cm")
                    .integer("repeat_index", "Repeat", false)
                    .mayNumber("plus_minus", "Nine of ten lie within, in its unit")
                    .yesNo("estimated", "Stands for a class and was not measured", true),
            Table.of("interventions", "intervention", "What was done to fields.")
                    .in(OF_FIELD, "f.holding_id", "t.field_id", null)
                    .id()
                    .refers("field_id", "fields", "Field")
                    .day("done_on", "Day", true)
                    .text("kind", "Kind")
                    .mayNumber("amount", "Amount, in its unit")
                    .mayText("unit", "Unit")
                    .mayText("product", "Product")
                    .mayRefer("zone_id", "zones", "Zone; none: the whole field")
                    .mayNumber("depth_cm", "Depth, cm")
                    .mayText("crop", "Crop")
                    .mayText("note", "Note")
                    .version(),
            Table.of("promises", "promise", "What was forecast of what was done, fixed that day.")
                    .withoutPractice()
                    .in(
                            "join intervention i on i.id = t.intervention_id join field f on f.id = i.field_id",
                            "f.holding_id",
                            "i.field_id",
                            null)
                    .key("intervention_id", "zone_id")
                    .refers("intervention_id", "interventions", "What was done")
                    .refers("zone_id", "zones", "Zone")
                    .word("forecast", "Forecast", true, List.of("salt", "lime", "structure"))
                    .text("measure", "Measure")
                    .json(
                            "input",
                            "input_json",
                            "What it was forecast from",
                            true,
                            new TypeReference<Map<String, Object>>() {}.getType())
                    .mayRefer("promised_by", "people", "By"),
            ofField("plans", "plan", "Plans of fields, every version."),
            ofField("rulings", "ruling", "What people said of causes, every version."),
            ofField("trials", "trial", "Trial strips of fields, every version."),
            ofField("reports", "report", "Reports as they were sent, every version."),
            Table.of("prices", "paper", "Price lists, every version.")
                    .in("", null, null, null)
                    .papers("prices"),
            Table.of("tables", "paper", "Tables that sums go by, every version.")
                    .in("", null, null, null)
                    .papers("table"),
            Table.of("rain", "weather_day", "Rain and warmth by day, as a holding read them.")
                    .withoutPractice()
                    .in("join holding h on h.id = t.holding_id", "t.holding_id", null, null)
                    .key("holding_id", "on_day")
                    .refers("holding_id", "holdings", "Holding")
                    .day("on_day", "Day", true)
                    .number("rain_mm", "Rain, mm")
                    .mayNumber("irrigation_mm", "Irrigation, mm")
                    .mayNumber("air_mean_c", "Mean air temperature, °C"),
            Table.of("photographs", "photograph", "What pictures are of; each lies under photographs/ by its SHA-256.")
                    .in(OF_VISIT, "f.holding_id", "v.field_id", "t.visit_id")
                    .id()
                    .refers("visit_id", "visits", "Visit")
                    .mayRefer("spot_id", "spots", "Spot")
                    .word("method", "Method", false, METHODS)
                    .text("sent_sha256", "SHA-256 of what was sent")
                    .text("sha256", "SHA-256 of what is kept")
                    .word("kind", "Kind of picture", true, List.of("jpeg", "png", "webp"))
                    .integer("width_px", "Width, pixels", true)
                    .integer("height_px", "Height, pixels", true)
                    .integer("bytes", "Size, bytes", true)
                    .instant("taken_at", "Taken", true)
                    .text("removed", "What was taken out of it")
                    .mayNumber("lat", "Latitude it was taken at, degrees (WGS 84)")
                    .mayNumber("lon", "Longitude it was taken at, degrees (WGS 84)")
                    .instant("kept_at", "Kept", true));

    private static Table ofField(String name, String kind, String about) {
        return Table.of(name, "paper", about)
                .in("left join field f on f.id = t.field_id", "f.holding_id", "t.field_id", null)
                .papers(kind);
    }

    public static Table named(String name) {
        return ALL.stream()
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("no table " + name));
    }
}
