package morphotera.decide.remedies;

import static morphotera.measure.Grade.A;
import static morphotera.measure.Grade.B;
import static morphotera.measure.Grade.C;

import java.util.List;
import morphotera.decide.Remedy;

/** The remedies without a sum. Which causes each serves stands in the cause table; prices are made up and meant to be edited. */
final class Actions {
    private static final List<String> ANY_LAND = List.of();

    private static final List<Integer> ANY = List.of(1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12);

    static final List<Remedy> ALL = List.of(
            Action.on(
                    ANY_LAND,
                    "contour",
                    "Across the slope",
                    "Work across the slope, with strips or terraces",
                    A,
                    List.of(8, 9, 10),
                    new Remedy.Cost(40, "hectare a year"),
                    "The first heavy rain.",
                    List.of("Machines tip on steep side slopes.", "Terraces need an engineer and a safe outlet."),
                    List.of("rills after rain", "ground cover")),
            Action.on(
                    ANY_LAND,
                    "less-tillage",
                    "Less tillage",
                    "Leave the soil unturned and the residue on top",
                    B,
                    List.of(8, 9, 10, 3, 4),
                    new Remedy.Cost(-25, "hectare a year"),
                    "Structure in two to five years; yields may dip in the first two.",
                    List.of("Not into a compacted layer: mend that first.", "Weeds and slugs change: plan for them."),
                    List.of("block structure", "worms", "slaking")),
            Action.on(
                    ANY_LAND,
                    "manure",
                    "Manure",
                    "Spread stable manure or slurry by its analysis",
                    B,
                    List.of(2, 3, 4, 8),
                    new Remedy.Cost(14, "tonne, spread"),
                    "Nutrients the same season, life in one to three years.",
                    List.of(
                            "Closed months, distances to water and amounts by local law.",
                            "Months before a raw crop.",
                            "Slurry gas kills: never enter a pit; never with gypsum."),
                    List.of("worms", "nutrients", "salinity")),
            Action.on(
                    ANY_LAND,
                    "mulch",
                    "Mulch",
                    "Cover the ground with straw, leaves or chips",
                    B,
                    List.of(4, 5, 6, 10, 11),
                    new Remedy.Cost(220, "hectare"),
                    "Water and crust at once, life within a year.",
                    List.of(
                            "Chips lie on top, never worked in: they lock up nitrogen.",
                            "Slugs and mice; fire in drought."),
                    List.of("ground cover", "infiltration", "nitrogen by kit")),
            Action.on(
                    ANY_LAND,
                    "controlled-traffic",
                    "Wheels on fixed tracks",
                    "Keep all wheels to the same tracks, with lower tyre pressure",
                    A,
                    ANY,
                    new Remedy.Cost(30, "hectare a year"),
                    "Two to four years between the tracks.",
                    List.of("Only as good as the widest machine that keeps to it."),
                    List.of("depth to the root limit", "block structure")),
            Action.on(
                    List.of("pasture", "orchard"),
                    "grazing-rest",
                    "Rest from grazing",
                    "Keep stock off wet ground and give the sward longer rests",
                    B,
                    List.of(10, 11, 12, 1, 2, 3),
                    new Remedy.Cost(60, "hectare a year"),
                    "A season on top, two to three years below.",
                    List.of("Stock needs a dry place and feed meanwhile."),
                    List.of("block structure", "infiltration", "worms")),
            Action.on(
                    ANY_LAND,
                    "legume",
                    "Legumes",
                    "Resow legumes, inoculated, once the acid is mended",
                    B,
                    List.of(4, 5, 8),
                    new Remedy.Cost(110, "hectare"),
                    "Nitrogen from the second season.",
                    List.of("Not under pH 5.5 in water: nodules fail.", "Bloat on young legumes."),
                    List.of("nodules", "legumes in the sward")),
            Action.on(
                    ANY_LAND,
                    "straw-in-salt",
                    "Straw on salt",
                    "Cover salty ground with straw, so that less water rises and dries there",
                    C,
                    List.of(9, 10, 3),
                    new Remedy.Cost(150, "hectare"),
                    "Seedlings the same season.",
                    List.of("It hides the salt and does not remove it: drains and water do."),
                    List.of("salinity at depths", "white crust")),
            Action.on(
                    ANY_LAND,
                    "raised-bed",
                    "Raised beds",
                    "Lift the root zone above wet or shallow ground",
                    B,
                    List.of(3, 4, 9),
                    new Remedy.Cost(900, "hectare"),
                    "The same season.",
                    List.of("Between the beds water must have a way out.", "Beds dry sooner: plan for watering."),
                    List.of("percolation", "root depth")),
            Action.on(
                    List.of("turf"),
                    "aeration",
                    "Aerate the turf",
                    "Hollow tines or slits, with sand into the holes",
                    B,
                    List.of(4, 5, 9),
                    new Remedy.Cost(260, "hectare"),
                    "Weeks to a season.",
                    List.of("Moist ground only; drains and cables first."),
                    List.of("infiltration", "root depth", "smell")),
            Action.on(
                    List.of("turf"),
                    "mowing-height",
                    "Mow higher",
                    "Raise the cut and never take more than a third",
                    B,
                    List.of(4, 5, 6, 7, 8, 9),
                    new Remedy.Cost(0, "hectare"),
                    "Roots follow in one to two months.",
                    List.of("Sport sets its own heights: raise it out of season."),
                    List.of("root depth", "thatch")),
            Action.on(
                    ANY_LAND,
                    "crop-order",
                    "Order of crops",
                    "High residue, deep roots, and always something green",
                    B,
                    List.of(2, 3, 7, 8),
                    new Remedy.Cost(0, "hectare"),
                    "Two to five years.",
                    List.of("Breaks for root disease follow its host list."),
                    List.of("ground cover", "worms", "root depth")),
            Action.on(
                    ANY_LAND,
                    "nitrogen-down",
                    "Less nitrogen",
                    "Lower soluble nitrogen step by step and watch what the soil gives",
                    B,
                    List.of(3, 4, 5),
                    new Remedy.Cost(-60, "hectare a year"),
                    "One to three years.",
                    List.of("A third at most in a year; strips beside it with the old rate."),
                    List.of("soil beside plants", "nitrogen by kit", "legumes in the sward")),
            Action.on(
                    ANY_LAND,
                    "nitrogen-with-carbon",
                    "Nitrogen with the carbon",
                    "Up to 60 kg of nitrogen a hectare, once, with the straw or bark that locks it up",
                    B,
                    List.of(3, 4, 5, 9, 10),
                    new Remedy.Cost(75, "hectare"),
                    "Some weeks, until the carbon has rotted.",
                    List.of(
                            "Once, and 60 kg at most: what locks up more is composted first or laid on top.",
                            "Not before heavy rain on coarse soil: it washes through."),
                    List.of("nitrogen by kit", "older leaves")),
            Action.on(
                    ANY_LAND,
                    "compost-first",
                    "Compost it first",
                    "Rot straw, bark or wood in a heap before it goes into the ground, or lay it on top",
                    B,
                    ANY,
                    new Remedy.Cost(12, "tonne"),
                    "Three to twelve months in the heap.",
                    List.of(
                            "Hot enough for weeds and pathogens: turned, and read with a thermometer.",
                            "A cover against rain; the run-off stays off streams."),
                    List.of("nitrogen by kit", "older leaves")),
            Action.on(
                    ANY_LAND,
                    "leave-it",
                    "Leave it",
                    "Leave the ground as it is, undrained and undug",
                    A,
                    ANY,
                    new Remedy.Cost(0, "hectare"),
                    "At once: nothing gets worse by work.",
                    List.of("Fence it off where it is a danger."),
                    List.of("that nobody digs there")));

    private Actions() {}
}
