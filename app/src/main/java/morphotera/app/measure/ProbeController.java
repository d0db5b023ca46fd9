package morphotera.app.measure;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import morphotera.app.api.NotFound;
import morphotera.app.devices.Probe;
import morphotera.app.devices.Probes;
import morphotera.app.people.Viewer;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Probes, and what one says while it is held into the soil. */
@RestController
class ProbeController implements DisposableBean {
    private static final Duration LONGEST = Duration.ofMinutes(10);
    private static final long EVERY_MS = 500;

    private final Probes probes;
    private final ScheduledExecutorService beats = Executors.newScheduledThreadPool(1);

    ProbeController(Probes probes) {
        this.probes = probes;
    }

    record ProbeView(String id, String name, String kind, String unit, boolean standIn) {}

    @GetMapping("/api/devices")
    List<ProbeView> all() {
        return probes.all().stream()
                .map(one -> new ProbeView(one.id(), one.name(), one.kind(), one.unit(), one.isStandIn()))
                .toList();
    }

    /** Ten minutes at the longest; it ends with whoever listens. */
    @GetMapping(value = "/api/devices/{id}/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter stream(@PathVariable String id) {
        Viewer.current();
        Probe probe = probes.find(id).orElseThrow(() -> new NotFound("device", id));
        Probe.Run run = probe.begin(ThreadLocalRandom.current().nextLong());
        SseEmitter stream = new SseEmitter(LONGEST.toMillis());
        long began = System.nanoTime();
        AtomicReference<ScheduledFuture<?>> beat = new AtomicReference<>();
        Runnable stop = () -> {
            if (beat.get() != null) {
                beat.get().cancel(false);
            }
        };
        stream.onCompletion(stop);
        stream.onTimeout(stream::complete);
        stream.onError(fault -> stop.run());
        beat.set(beats.scheduleAtFixedRate(
                () -> {
                    try {
                        double atS = Math.round((System.nanoTime() - began) / 1e8) / 10.0;
                        stream.send(SseEmitter.event().data(run.at(atS), MediaType.APPLICATION_JSON));
                    } catch (IOException | IllegalStateException gone) {
                        stop.run();
                    }
                },
                0,
                EVERY_MS,
                TimeUnit.MILLISECONDS));
        return stream;
    }

    @Override
    public void destroy() {
        beats.shutdownNow();
    }
}
