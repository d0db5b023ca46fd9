package morphotera.app.measure;

import java.util.List;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import morphotera.measure.ColourChart;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Kits' colour charts, kept and read. */
@RestController
class KitChartController {
    private final KitCharts charts;

    KitChartController(KitCharts charts) {
        this.charts = charts;
    }

    record StepBody(Double value, @Nullable String label, String swatch) {}

    record ChartBody(
            String name,
            String kit,
            String quantity,
            @Nullable String unit,
            List<StepBody> steps,
            int version) implements Checked {
        @Override
        public void check(Findings findings) {
            findings.text("/name", name, "A name", 120);
            findings.text("/kit", kit, "The kit", 120);
            findings.text("/quantity", quantity, "What it reads", 40);
            findings.atMost("/unit", unit, "The unit", 60);
            findings.needed("/steps", steps, "The steps of the chart");
            for (int i = 0; steps != null && i < steps.size(); i++) {
                String at = "/steps/" + i;
                findings.needed(at, steps.get(i), "A step");
                if (steps.get(i) != null) {
                    findings.needed(at + "/value", steps.get(i).value(), "What it stands for");
                    findings.range(at + "/value", steps.get(i).value(), "A value", -1e6, 1e6);
                    findings.atMost(at + "/label", steps.get(i).label(), "A label", 60);
                }
            }
        }
    }

    @GetMapping("/api/kit-charts")
    List<KitCharts.Chart> all() {
        return charts.all(Viewer.current());
    }

    @PutMapping("/api/kit-charts/{id}")
    KitCharts.Chart put(@PathVariable UUID id, @RequestBody ChartBody body) {
        List<ColourChart.Step> steps = body.steps().stream()
                .map(step -> new ColourChart.Step(step.value(), step.label(), step.swatch()))
                .toList();
        return charts.put(
                Viewer.writing(),
                new KitCharts.Chart(id, body.name(), body.kit(), body.quantity(), body.unit(), steps, body.version()));
    }

    /** By a step, by a share of the way between two, or by a colour: one of the three. */
    record ReadBody(
            @Nullable Integer step,
            @Nullable Integer between,
            @Nullable Double share,
            @Nullable String colour) {}

    @PostMapping("/api/kit-charts/{id}/read")
    ColourChart.Read read(@PathVariable UUID id, @RequestBody ReadBody body) {
        return charts.colours(Viewer.current(), id).read(body.step(), body.between(), body.share(), body.colour());
    }
}
