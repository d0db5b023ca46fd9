package morphotera.scout;

import java.util.List;

/** Shown once before the first step of every visit, ticked with the time. Local law and licensed practice come first. */
public final class StartCard {
    /** One thing to have done. */
    public record Item(String id, String text, String more) {}

    public static final List<Item> ITEMS = List.of(
            new Item(
                    "permission",
                    "I may be here, and somebody knows where I am",
                    "Back by the end of the work and half an hour."),
            new Item(
                    "clean",
                    "Boots and tools are clean since the last holding",
                    "Between poor and good patch too, where a root disease or pest is possible; the poor patch last."),
            new Item("hands", "Gloves on, cuts covered; hands washed before food", "Soil carries germs."),
            new Item(
                    "weather",
                    "I am dressed for heat, cold and sun",
                    "Leave at the first thunder: a steel cone in an open field."),
            new Item(
                    "around",
                    "Stock, fences and sprayed crop are seen to",
                    "A sprayed crop has a time before anyone may enter."),
            new Item("lines", "No lines above or below where I dig", "Ask the dig-safe service days ahead."),
            new Item(
                    "old-works",
                    "No old works, fill, waste or ammunition here",
                    "Where there are: no digging; the laboratory and the authority first."));

    private StartCard() {}
}
