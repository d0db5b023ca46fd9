package morphotera.app.tables;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.api.NotFound;
import morphotera.app.papers.Paper;
import morphotera.app.papers.PaperKind;
import morphotera.app.papers.Papers;
import morphotera.app.people.Viewer;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import morphotera.read.Curve;
import morphotera.read.School;
import morphotera.read.Yardstick;
import morphotera.read.YardstickCheck;
import org.springframework.stereotype.Service;

/** The yardstick that ships, and those a practice made of it: each save a version, old ones stay readable. */
@Service
public class Yardsticks {
    /** The shipped one's id; it is copied and never changed. */
    public static final UUID SHIPPED = UUID.fromString(Yardstick.SHIPPED_ID);

    private final Map<School, Yardstick> shipped = new EnumMap<>(School.class);
    private final ShippedTables tables;
    private final Papers papers;

    Yardsticks(ShippedTables tables, Papers papers) {
        this.tables = tables;
        this.papers = papers;
        for (School school : School.values()) {
            shipped.put(school, Yardstick.of(tables.yardstick(), school));
        }
    }

    /** @param id null for the one that ships */
    public record Used(@Nullable UUID id, Yardstick yardstick) {}

    public record Named(UUID id, String name, int version) {}

    public record CurveView(String x, List<List<Double>> knots) {}

    public record BasedOn(UUID id, int version) {}

    /** All its curves, those taken over included, so that it rests on nothing else. */
    record Kept(
            String name,
            @Nullable String region,
            @Nullable String use,
            String school,
            BasedOn basedOn,
            Map<String, CurveView> curves) {}

    public record YardstickView(
            UUID id,
            String name,
            @Nullable String region,
            @Nullable String use,
            String school,
            @Nullable BasedOn basedOn,
            Map<String, CurveView> curves,
            int version,
            boolean shipped) {}

    public Yardstick shipped(String school) {
        return shipped.get(Coded.of(School.values(), school));
    }

    /** The newest version. */
    public Used of(Viewer viewer, @Nullable UUID id, String school) {
        if (id == null || id.equals(SHIPPED)) {
            return new Used(null, shipped(school));
        }
        return new Used(id, yardstick(newest(viewer, id), school));
    }

    public Used version(Viewer viewer, @Nullable UUID id, int version, String school) {
        if (id == null || id.equals(SHIPPED)) {
            return new Used(null, shipped(school));
        }
        return new Used(id, yardstick(kept(viewer, id, version), school));
    }

    private static Yardstick yardstick(Paper<Kept> paper, String school) {
        Map<String, Curve> curves = new LinkedHashMap<>();
        paper.body().curves().forEach((key, one) -> curves.put(key, new Curve(key, one.x(), one.knots())));
        return new Yardstick(paper.body().name(), paper.version(), Coded.of(School.values(), school), curves);
    }

    private Paper<Kept> newest(Viewer viewer, UUID id) {
        return papers.newest(viewer, PaperKind.YARDSTICK, id, Kept.class)
                .orElseThrow(() -> new NotFound("yardstick", id));
    }

    private Paper<Kept> kept(Viewer viewer, UUID id, int version) {
        return papers.version(viewer, PaperKind.YARDSTICK, id, version, Kept.class)
                .orElseThrow(() -> new NotFound("version of the yardstick", version));
    }

    /** The one that ships, and the practice's own. */
    List<YardstickView> all(Viewer viewer) {
        List<YardstickView> all = new ArrayList<>();
        all.add(shippedView());
        papers.all(viewer, PaperKind.YARDSTICK, Kept.class).forEach(one -> all.add(view(one)));
        return all;
    }

    public YardstickView one(Viewer viewer, UUID id, @Nullable Integer version) {
        if (id.equals(SHIPPED)) {
            if (version != null && version != shipped("balanced").version()) {
                throw new NotFound("version of the yardstick", version);
            }
            return shippedView();
        }
        return view(version == null ? newest(viewer, id) : kept(viewer, id, version));
    }

    /** As a device takes it along: the form of the shipped table. */
    public Map<String, Object> tree(Viewer viewer, @Nullable UUID id) {
        if (id == null || id.equals(SHIPPED)) {
            return tables.yardstick();
        }
        Paper<Kept> paper = newest(viewer, id);
        Map<String, Object> curves = new LinkedHashMap<>();
        paper.body().curves().forEach((key, one) -> curves.put(key, Map.of("x", one.x(), "knots", one.knots())));
        Map<String, Object> tree = new LinkedHashMap<>();
        tree.put("name", paper.body().name());
        tree.put("version", paper.version());
        tree.put("curves", curves);
        return tree;
    }

    /** @param curves that replace those of the one it is based on */
    YardstickView put(
            Viewer viewer,
            UUID id,
            String name,
            @Nullable String region,
            @Nullable String use,
            String school,
            @Nullable BasedOn basedOn,
            Map<String, List<List<Double>>> curves,
            int version) {
        if (id.equals(SHIPPED)) {
            throw new Refused(
                    List.of(new Refusal("", "shipped", "The yardstick that ships is copied, never changed.")));
        }
        Optional<Paper<Kept>> stands = papers.newest(viewer, PaperKind.YARDSTICK, id, Kept.class);
        BasedOn base = basedOn != null
                ? basedOn
                : stands.map(one -> one.body().basedOn())
                        .orElse(new BasedOn(SHIPPED, shipped("balanced").version()));
        Map<String, CurveView> all = new LinkedHashMap<>(based(viewer, base).curves());
        Yardstick known = shipped("balanced");
        List<Refusal> refused = YardstickCheck.of(curves, known);
        if (!refused.isEmpty()) {
            throw new Refused(refused);
        }
        curves.forEach((key, knots) -> all.put(key, new CurveView(along(known, key), knots)));
        Kept kept = new Kept(name, region, use, school, base, all);
        return view(papers.keep(viewer, PaperKind.YARDSTICK, id, null, version, kept, Yardsticks::view));
    }

    /** What a curve runs along: the same for all that are narrowed from one. */
    private static String along(Yardstick known, String key) {
        String widest = YardstickCheck.widest(key);
        return known.curves().values().stream()
                .filter(one -> YardstickCheck.widest(one.key()).equals(widest))
                .findFirst()
                .orElseThrow()
                .xMeaning();
    }

    private YardstickView based(Viewer viewer, BasedOn base) {
        try {
            return one(viewer, base.id(), base.version());
        } catch (NotFound none) {
            throw new Refused(List.of(
                    new Refusal("/basedOn", "unknown-id", "There is no such version of a yardstick to be based on.")));
        }
    }

    private YardstickView shippedView() {
        Yardstick one = shipped("balanced");
        Map<String, CurveView> curves = new LinkedHashMap<>();
        one.curves().forEach((key, curve) -> curves.put(key, new CurveView(curve.xMeaning(), curve.knots())));
        return new YardstickView(
                SHIPPED, one.name(), null, null, School.BALANCED.word(), null, curves, one.version(), true);
    }

    private static YardstickView view(Paper<Kept> paper) {
        Kept one = paper.body();
        return new YardstickView(
                paper.id(),
                one.name(),
                one.region(),
                one.use(),
                one.school(),
                one.basedOn(),
                one.curves(),
                paper.version(),
                false);
    }
}
