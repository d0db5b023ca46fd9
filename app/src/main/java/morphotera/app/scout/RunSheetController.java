package morphotera.app.scout;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Map;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.ground.Nullable;
import morphotera.scout.Kit;
import morphotera.scout.KitAsked;
import morphotera.scout.runsheet.Asked;
import morphotera.scout.runsheet.Fits;
import morphotera.scout.runsheet.Outing;
import morphotera.scout.runsheet.RunSheet;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A visit's hours before it is made: who does what when, what fits, what to carry. */
@RestController
class RunSheetController {
    private static final double MOST_MINUTES = 2880;
    private static final double MOST_BITS = 1000;

    private final Sheets sheets;

    RunSheetController(Sheets sheets) {
        this.sheets = sheets;
    }

    @PostMapping("/api/run-sheets/plan")
    RunSheet plan(@RequestBody Asked body) {
        return sheets.of(body.outing());
    }

    /** {@code worth} in bits by method; one that is not named counts 1 at each spot. */
    record FitBody(
            Integer people,
            @Nullable String textureGroup,
            @Nullable Asked.Place gate,
            List<Asked.Spot> spots,
            List<Asked.Test> tests,
            Double walkMPerS,
            Integer setDownS,
            @Nullable Asked.Now now,
            Double minutes,
            @Nullable Map<String, Double> worth)
            implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/minutes", minutes, "The minutes there are");
            findings.range("/minutes", minutes, "The minutes there are", 1, MOST_MINUTES);
            if (worth != null) {
                findings.size("/worth", worth.size(), "Worth", 100);
                worth.forEach((method, bits) -> {
                    findings.needed("/worth/" + method, bits, "The bits");
                    findings.range("/worth/" + method, bits, "Bits", 0, MOST_BITS);
                });
            }
        }

        Outing outing() {
            return new Asked(people, textureGroup, gate, spots, tests, walkMPerS, setDownS, now).outing();
        }
    }

    record Proposals(List<Fits.Proposal> proposals) {}

    @PostMapping("/api/run-sheets/fit")
    Proposals fit(@RequestBody FitBody body) {
        return new Proposals(
                Fits.of(body.outing(), body.minutes().intValue(), body.worth() == null ? Map.of() : body.worth()));
    }

    record ToolView(
            String item, int count, @JsonProperty("for") List<String> methods) {}

    record ConsumableView(
            String item,
            double quantity,
            @Nullable String unit,
            double spare,
            @JsonProperty("for") List<String> methods) {}

    record KitView(
            List<ToolView> tools,
            List<ConsumableView> consumables,
            List<Kit.Protection> protection,
            int labels,
            double carryKg) {
        static KitView of(Kit kit) {
            return new KitView(
                    kit.tools().stream()
                            .map(one -> new ToolView(one.item(), one.count(), one.methods()))
                            .toList(),
                    kit.consumables().stream()
                            .map(one -> new ConsumableView(
                                    one.item(), one.quantity(), one.unit(), one.spare(), one.methods()))
                            .toList(),
                    kit.protection(),
                    kit.labels(),
                    kit.carryKg());
        }
    }

    @PostMapping("/api/kits/pack")
    KitView pack(@RequestBody KitAsked body) {
        return KitView.of(body.kit(sheets::of));
    }
}
