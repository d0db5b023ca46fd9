package morphotera.app.decide;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.people.Viewer;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The practice's price list. */
@RestController
class PriceController {
    private final Prices prices;

    PriceController(Prices prices) {
        this.prices = prices;
    }

    @GetMapping("/api/prices")
    Prices.PriceList of() {
        return prices.of(Viewer.current());
    }

    record PriceBody(String remedy, Double amount, String per) {}

    /** @param currency a word, such as crowns */
    record PricesBody(String currency, List<PriceBody> prices, int version) implements Checked {
        private static final double MOST = 1_000_000;

        @Override
        public void check(Findings findings) {
            findings.text("/currency", currency, "The currency", 20);
            findings.needed("/prices", prices, "The prices");
            List<String> known = Prices.known();
            Set<String> named = new HashSet<>();
            for (int i = 0; prices != null && i < prices.size(); i++) {
                PriceBody price = prices.get(i);
                String at = "/prices/" + i;
                findings.needed(at, price, "A price");
                if (price == null) {
                    continue;
                }
                findings.needed(at + "/remedy", price.remedy(), "What it is for");
                findings.word(at + "/remedy", price.remedy(), "remedy or method", known);
                findings.needed(at + "/amount", price.amount(), "The price");
                findings.range(at + "/amount", price.amount(), "A price", -MOST, MOST);
                findings.text(at + "/per", price.per(), "What it is the price of", 60);
                if (price.remedy() != null && !named.add(price.remedy())) {
                    findings.refuse(at + "/remedy", "twice", "This remedy has a price already, further up.");
                }
            }
        }
    }

    @PutMapping("/api/prices")
    Prices.PriceList put(@RequestBody PricesBody body) {
        return prices.put(
                Viewer.writing(),
                body.currency().strip(),
                body.prices().stream()
                        .map(one -> new Prices.Price(
                                one.remedy(), one.amount(), one.per().strip()))
                        .toList(),
                body.version());
    }
}
