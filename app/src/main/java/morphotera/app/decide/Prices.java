package morphotera.app.decide;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import morphotera.app.papers.Paper;
import morphotera.app.papers.PaperKind;
import morphotera.app.papers.Papers;
import morphotera.app.people.Viewer;
import morphotera.decide.Remedy;
import morphotera.decide.remedies.Remedies;
import org.springframework.stereotype.Service;

/** What each remedy costs: a made-up list ships, a practice keeps its own. */
@Service
class Prices {
    static final String SHIPPED_CURRENCY = "crowns";

    private final Papers papers;

    Prices(Papers papers) {
        this.papers = papers;
    }

    /** So much for each {@code per}, such as a tonne or a hectare. */
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

    private static List<Price> shipped() {
        return Remedies.ALL.stream()
                .map(Remedy::description)
                .filter(one -> one.cost() != null)
                .map(one -> new Price(one.id(), one.cost().amount(), one.cost().per()))
                .toList();
    }
}
