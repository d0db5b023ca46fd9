package morphotera.app.together;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import morphotera.app.scout.VisitChanged;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Who looks at a visit is told what changed in it, once it is stored; a stream that was cut goes on where it ended. */
@Component
class VisitStreams {
    private static final long BEAT_S = 20;
    private static final int KEPT = 200;

    record Said(VisitChanged.Kind kind, UUID id) {}

    private record Open(String device, UUID visit, SseEmitter emitter) {}

    /** By device: a new stream of one takes the place of its old one. */
    private final Map<String, Open> open = new HashMap<>();

    private final Map<UUID, Deque<VisitChanged>> last = new HashMap<>();
    private final ScheduledExecutorService beat = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "visit-streams");
        thread.setDaemon(true);
        return thread;
    });

    VisitStreams() {
        beat.scheduleAtFixedRate(this::beat, BEAT_S, BEAT_S, TimeUnit.SECONDS);
    }

    /** @param after the revision that was heard last; null begins now */
    synchronized SseEmitter open(String device, UUID visit, int revision, Integer after) {
        close(open.remove(device));
        SseEmitter emitter = new SseEmitter(0L);
        Open stream = new Open(device, visit, emitter);
        emitter.onCompletion(() -> forget(stream));
        emitter.onTimeout(() -> forget(stream));
        emitter.onError(fault -> forget(stream));
        open.put(device, stream);
        send(stream, SseEmitter.event().comment("begun"));
        for (VisitChanged missed : missed(visit, revision, after)) {
            send(stream, event(missed));
        }
        return emitter;
    }

    /** What was changed since; the visit as a whole where that is not known here any more. */
    private List<VisitChanged> missed(UUID visit, int revision, Integer after) {
        if (after == null || after >= revision) {
            return List.of();
        }
        Deque<VisitChanged> known = last.getOrDefault(visit, new ArrayDeque<>());
        boolean whole = known.isEmpty() || known.peekFirst().revision() > after + 1;
        return whole
                ? List.of(new VisitChanged(visit, revision, VisitChanged.Kind.VISIT, visit))
                : known.stream().filter(one -> one.revision() > after).toList();
    }

    /** Whoever wrote does not wait for those who look. */
    @TransactionalEventListener(fallbackExecution = true)
    void told(VisitChanged changed) {
        if (!beat.isShutdown()) {
            beat.execute(() -> tell(changed));
        }
    }

    private synchronized void tell(VisitChanged changed) {
        if (changed.kind() != VisitChanged.Kind.PRESENCE) {
            Deque<VisitChanged> known = last.computeIfAbsent(changed.visitId(), any -> new ArrayDeque<>());
            known.addLast(changed);
            if (known.size() > KEPT) {
                known.removeFirst();
            }
        }
        for (Open stream : new ArrayList<>(open.values())) {
            if (stream.visit().equals(changed.visitId())) {
                send(stream, event(changed));
            }
        }
    }

    private synchronized void beat() {
        for (Open stream : new ArrayList<>(open.values())) {
            send(stream, SseEmitter.event().comment("beat"));
        }
        // What nobody looks at any more is not kept.
        last.keySet()
                .removeIf(visit -> open.values().stream()
                        .noneMatch(stream -> stream.visit().equals(visit)));
    }

    private static SseEmitter.SseEventBuilder event(VisitChanged changed) {
        return SseEmitter.event().id(String.valueOf(changed.revision())).data(new Said(changed.kind(), changed.what()));
    }

    /** The server stops: an open stream does not hold it up. */
    @EventListener(ContextClosedEvent.class)
    synchronized void end() {
        new ArrayList<>(open.values()).forEach(VisitStreams::close);
        beat.shutdown();
    }

    private void send(Open stream, SseEmitter.SseEventBuilder event) {
        try {
            stream.emitter().send(event);
        } catch (IOException | IllegalStateException gone) {
            forget(stream);
        }
    }

    private synchronized void forget(Open stream) {
        open.remove(stream.device(), stream);
    }

    private static void close(Open stream) {
        if (stream != null) {
            stream.emitter().complete();
        }
    }
}
