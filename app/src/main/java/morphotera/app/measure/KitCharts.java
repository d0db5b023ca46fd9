package morphotera.app.measure;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.api.Json;
import morphotera.app.api.NotFound;
import morphotera.app.api.Put;
import morphotera.app.land.Land;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import morphotera.measure.ColourChart;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

/** The charts of the kits that a practice uses. A reading keeps the value it was read as: editing a chart changes none. */
@Service
public class KitCharts {
    private static final TypeReference<List<ColourChart.Step>> STEPS = new TypeReference<>() {};

    private final KitChartMapper charts;
    private final Land land;
    private final Json json;

    KitCharts(KitChartMapper charts, Land land, Json json) {
        this.charts = charts;
        this.land = land;
        this.json = json;
    }

    /** @param quantity such as ph, n, p, k, respiration, microbial-mass */
    public record Chart(
            UUID id,
            String name,
            String kit,
            String quantity,
            @Nullable String unit,
            List<ColourChart.Step> steps,
            int version) {}

    List<Chart> all(Viewer viewer) {
        return charts.all(viewer).stream().map(this::chart).toList();
    }

    ColourChart colours(Viewer viewer, UUID id) {
        return charts.find(viewer, id)
                .map(row -> ColourChart.of(json.read(row.stepsJson(), STEPS)))
                .orElseThrow(() -> new NotFound("kit chart", id));
    }

    @Transactional
    public Chart put(Viewer viewer, Chart chart) {
        ColourChart.of(chart.steps());
        KitChartMapper.Row row = new KitChartMapper.Row(
                chart.id(),
                chart.name().strip(),
                chart.kit().strip(),
                chart.quantity(),
                chart.unit(),
                json.write(chart.steps()),
                chart.version());
        return chart(
                new Put<KitChartMapper.Row>() {
                    @Override
                    protected Optional<KitChartMapper.Row> find() {
                        return charts.find(viewer, chart.id());
                    }

                    @Override
                    protected boolean same(KitChartMapper.Row known) {
                        return known.name().equals(row.name())
                                && known.kit().equals(row.kit())
                                && known.quantity().equals(row.quantity())
                                && Objects.equals(known.unit(), row.unit())
                                && known.stepsJson().equals(row.stepsJson());
                    }

                    @Override
                    protected void lock() {
                        land.lock(viewer);
                    }

                    @Override
                    protected int insert() {
                        return charts.add(viewer, row);
                    }

                    @Override
                    protected int update() {
                        return charts.update(viewer, row);
                    }
                }.put("kit chart", chart.id(), chart.version()));
    }

    private Chart chart(KitChartMapper.Row row) {
        return new Chart(
                row.id(),
                row.name(),
                row.kit(),
                row.quantity(),
                row.unit(),
                json.read(row.stepsJson(), STEPS),
                row.version());
    }
}
