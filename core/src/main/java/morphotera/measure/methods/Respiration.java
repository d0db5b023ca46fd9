package morphotera.measure.methods;

import static java.util.Map.entry;
import static morphotera.measure.Description.perSpot;
import static morphotera.measure.Description.tool;
import static morphotera.measure.Entry.option;

import java.util.List;
import java.util.Map;
import morphotera.measure.Context;
import morphotera.measure.Curves;
import morphotera.measure.Day;
import morphotera.measure.Description;
import morphotera.measure.Entered;
import morphotera.measure.Entry;
import morphotera.measure.EntryCheck;
import morphotera.measure.Evaluation;
import morphotera.measure.Grade;
import morphotera.measure.Group;
import morphotera.measure.KitChart;
import morphotera.measure.Method;
import morphotera.measure.Result;
import morphotera.measure.Step;

/**
 * Carbon dioxide breathed out in a closed jar, mg CO2-C per kg and day, brought to 20 °C with a doubling for each 10 °C:
 * value·2^((20 − jar)/10)·24/hours. Field-moist and rewetted soil never compare.
 */
final class Respiration implements Method {
    private static final double HOURS_FROM = 18;
    private static final double HOURS_TO = 27;

    private static final Description DESCRIPTION = Description.of("respiration", "Respiration")
            .purpose("How much the soil's life breathes")
            .group(Group.LIFE)
            .grade(Grade.B)
            .day(Day.MOIST_SOIL)
            .ofSamples()
            .about(
                    "90 g of sieved soil in a closed jar for a day, with a colour paddle or a trap. Soil that was dried and wetted again "
                            + "breathes far more than field-moist soil; the two never compare.")
            .cost(7)
            .gear(
                    perSpot("jar with a tight lid", 1, null),
                    perSpot("colour paddle or trap", 1, null),
                    tool("balance, 1 g"),
                    tool("sieve, 4 mm"),
                    tool("thermometer"))
            .cautions("A caustic trap needs goggles.")
            .variants(
                    new Description.Variant(
                            "field-moist",
                            "Field-moist",
                            List.of(
                                    Step.field("gather-cool", "Take soil and keep it cool", "Do not squeeze it.", 75)
                                            .enters("soilTemperatureC"),
                                    Step.field("sieve-weigh", "Sieve, weigh 90 g", "Roots and stones out.", 240)
                                            .later()
                                            .enters("prep"),
                                    seal("seal", "Close the jar with the paddle in it", 60),
                                    read(),
                                    vent())),
                    new Description.Variant(
                            "rewetted",
                            "Dried and wetted again",
                            List.of(
                                    Step.field("gather", "Take soil", "Do not squeeze it.", 75)
                                            .enters("soilTemperatureC"),
                                    Step.field(
                                                    "dry-sieve-weigh",
                                                    "Dry, sieve, weigh 90 g",
                                                    "Roots and stones out.",
                                                    360)
                                            .later()
                                            .waits(86_400, 259_200)
                                            .enters("prep"),
                                    seal("wet-seal", "Wet it from below and close the jar", 90),
                                    read(),
                                    vent())))
            .fields(
                    Entry.number("value", "Reading", null, 0, 2000)
                            .hint(
                                    "mg CO2-C per kg over the time in the jar; or the step of the kit's chart, 2.5 between two."),
                    Entry.choice(
                                    "unit",
                                    "Read as",
                                    option("mgCO2C-kg", "mg CO2-C per kg", "From a trap, or a paddle read by machine."),
                                    option("kit", "Step of a kit's chart", "1 is the first printed step."))
                            .preset("mgCO2C-kg"),
                    KitChart.FIELD.optional(),
                    Entry.hours("hours", "In the jar"),
                    Entry.choice(
                            "prep",
                            "Soil was",
                            option("field-moist", "Field-moist", "As taken."),
                            option("rewetted", "Dried and rewetted", "Breathes in a burst.")),
                    Entry.celsius("soilTemperatureC", "Soil temperature").optional(),
                    Entry.celsius("jarTemperatureC", "Jar temperature"))
            .checks(new Description.Check("tight", "Was the jar tight, and no living root or worm in it?"))
            .results(Result.number(
                            "at20C", "At 20 °C", "mg CO2-C per kg and day", "value × 2^((20 − jar) ÷ 10) × 24 ÷ hours")
                    .onTheDay()
                    .through())
            .curves("respiration")
            .source(
                    "Basal respiration with a temperature quotient of two (van 't Hoff 1884); rewetting burst after Birch 1958")
            .words(Map.ofEntries(
                    entry("at-20", "{rate} mg CO2-C per kg and day at 20 °C."),
                    entry("chart", "Step {step} of {kit} stands for {value}."),
                    entry("hours", "Other than 18 to 27 hours in the jar: the day's rate is not sure.")))
            .build();

    private static Step seal(String id, String title, int seconds) {
        return Step.field(id, title, "Note the hour.", seconds).later().waits(64_800, 97_200);
    }

    private static Step read() {
        return Step.field("read", "Read it, note the hour and the warmth", "By daylight.", 60)
                .later()
                .enters("value", "unit", "kitChart", "hours", "jarTemperatureC");
    }

    private static Step vent() {
        return Step.field("vent", "Air the jar", "Before it is used again.", 20).later();
    }

    @Override
    public Description description() {
        return DESCRIPTION;
    }

    @Override
    public void check(Context context, Entered in, EntryCheck check) {
        boolean kit = "kit".equals(in.wordOrNull("unit"));
        if (kit && !in.has("kitChart")) {
            check.refuse("/reading/kitChart", "missing", "A kit's step needs the kit's chart.");
        } else if (kit) {
            KitChart.check(
                    "/reading/kitChart", in.group("kitChart"), "/reading/value", in.numberOrNull("value"), check);
        } else if (in.has("kitChart")) {
            check.refuse("/reading/kitChart", "not-here", "A chart is only for a reading by a kit's steps.");
        }
    }

    /** Rewetted soil was dried: the day it was gathered on does not matter. */
    @Override
    public Day day(Entered reading) {
        return reading.word("prep").equals("field-moist") ? Day.MOIST_SOIL : Day.ANY;
    }

    @Override
    public void evaluate(Context context, Entered in, Curves curves, Evaluation.Draft out) {
        double value = in.number("value");
        if (in.word("unit").equals("kit")) {
            KitChart chart = KitChart.of(in.group("kitChart"));
            double read = chart.at(value);
            out.because("chart", Map.of("step", value, "kit", chart.name(), "value", read));
            value = read;
        }
        double hours = in.number("hours");
        double rate = value * Math.pow(2, (20 - in.number("jarTemperatureC")) / 10) * 24 / hours;
        out.measure("at20C", rate, "mg CO2-C per kg and day")
                .because("at-20", Map.of("rate", rate))
                .score(curves.place("respiration", Curves.Narrowing.of(context).prepared(in.word("prep")), rate));
        if (hours < HOURS_FROM || hours > HOURS_TO) {
            out.flag("hours");
        }
    }
}
