package morphotera.app.decide;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import morphotera.app.papers.Paper;
import morphotera.app.papers.PaperKind;
import morphotera.app.papers.Papers;
import morphotera.app.people.Viewer;
import morphotera.decide.Remedy;
import morphotera.decide.remedies.Remedies;
import morphotera.measure.Method;
import morphotera.measure.methods.Methods;
import org.springframework.stereotype.Service;

/** What each remedy costs, and what each test uses up: a made-up list ships, a practice keeps its own. */
@Service
class Prices {
    static final String SHIPPED_CURRENCY = "crowns";

    private final Papers papers;

    Prices(Papers papers) {
        this.papers = papers;
    }

    /** So much for each {@code per}, such as a tonne or a hectare; {@code remedy} is the id of a remedy, or of a method. */
    record Price(String remedy, double amount, String per) {}

    /** A practice's list as it is kept; what it does not name costs what ships. */
    record Kept(String currency, List<Price> prices) {}

    record PriceList(String currency, List<Price> prices, int version) {}

    PriceList of(Viewer viewer) {
        return papers.newest(viewer, PaperKind.PRICES, viewer.practiceId(), Kept.class)
                .map(Prices::list)
                .orElseGet(() -> new PriceList(SHIPPED_CURRENCY, shipped(), 0));
    }

    PriceList put(Viewer viewer, String currency, List<Price> prices, int version) {
        return list(papers.keep(
                viewer,
                PaperKind.PRICES,
                viewer.practiceId(),
                null,
                version,
                new Kept(currency, prices),
                Prices::list));
    }

    private static PriceList list(Paper<Kept> paper) {
        Map<String, Price> all = new LinkedHashMap<>();
        shipped().forEach(one -> all.put(one.remedy(), one));
        paper.body().prices().forEach(one -> all.put(one.remedy(), one));
        return new PriceList(paper.body().currency(), List.copyOf(all.values()), paper.version());
    }

    /** What has a price: every remedy, and every method that uses something up. */
    static List<String> known() {
        return Stream.concat(Remedies.ALL.stream().map(one -> one.description().id()), tests().map(Price::remedy))
                .toList();
    }

    private static List<Price> shipped() {
        Stream<Price> remedies = Remedies.ALL.stream()
                .map(Remedy::description)
                .filter(one -> one.cost() != null)
                .map(one -> new Price(one.id(), one.cost().amount(), one.cost().per()));
        return Stream.concat(remedies, tests()).toList();
    }

    private static Stream<Price> tests() {
        return Methods.ALL.stream()
                .map(Method::description)
                .filter(one -> one.cost() > 0)
                .map(one -> new Price(one.id(), one.cost(), "test"));
    }
}
