package morphotera.app.exchange;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import morphotera.app.api.NotFound;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * Files being looked at or saved: while their person waits, or aside where that takes long; with how far each is, asked beside it,
 * and a stop that leaves nothing.
 */
@Component
class Savings {
    private static final int AT_ONCE = 2;
    private static final Duration WORTH_WAITING = Duration.ofSeconds(25);
    private static final Duration TO_STOP = Duration.ofSeconds(60);

    private final Imports imports;
    private final Duration worthWaiting;
    private final ExecutorService looking = Executors.newFixedThreadPool(AT_ONCE);
    private final ExecutorService saving = Executors.newFixedThreadPool(AT_ONCE);
    private final Map<UUID, Going> all = new ConcurrentHashMap<>();

    @Autowired
    Savings(Imports imports) {
        this(imports, WORTH_WAITING);
    }

    Savings(Imports imports, Duration worthWaiting) {
        this.imports = imports;
        this.worthWaiting = worthWaiting;
    }

    private static final class Stopped extends RuntimeException {
        private static final long serialVersionUID = 1L;
    }

    private static final class Going {
        private final UUID practiceId;
        private final String kind;
        private final String state;
        private volatile boolean stopped;
        private final Sifted sifted = new Sifted(() -> {
            if (stopped) {
                throw new Stopped();
            }
        });
        private Future<Imports.Look> look;

        private Going(Viewer viewer, String kind, String state) {
            this.practiceId = viewer.practiceId();
            this.kind = kind;
            this.state = state;
        }

        private boolean hasLooked() {
            return state.equals(Imports.LOOKING) && look.isDone();
        }
    }

    /** What a file that was kept holds; or how far it is looked at, where that takes longer than one waits. */
    Imports.Look receive(Viewer viewer, UUID id, String kind, @Nullable UUID holdingId, @Nullable UUID fieldId) {
        Going going = new Going(viewer, kind, Imports.LOOKING);
        going.look = looking.submit(() -> imports.receive(viewer, id, kind, holdingId, fieldId, going.sifted));
        all.put(id, going);
        return ended(id, going, worthWaiting).orElseGet(() -> onTheWay(id, going));
    }

    /** Saved, or still being looked at or saved where that takes longer than one waits. */
    Imports.Look confirm(Viewer viewer, UUID id) {
        String kind = kind(viewer, id);
        Going going =
                all.compute(id, (key, there) -> there == null || there.hasLooked() ? begin(viewer, key, kind) : there);
        try {
            return ended(id, going, worthWaiting).orElseGet(() -> onTheWay(id, going));
        } catch (Stopped meanwhile) {
            throw new NotFound("import", id);
        }
    }

    Imports.Look look(Viewer viewer, UUID id) {
        kind(viewer, id);
        Going going = all.get(id);
        if (going == null || going.stopped) {
            return imports.look(viewer, id);
        }
        return ended(id, going, Duration.ZERO).orElseGet(() -> onTheWay(id, going));
    }

    /** Nothing of it is kept, unless it was saved already. */
    void drop(Viewer viewer, UUID id) {
        kind(viewer, id);
        Going going = all.get(id);
        if (going != null) {
            going.stopped = true;
            try {
                if (ended(id, going, TO_STOP).isPresent() && going.state.equals(Imports.SAVING)) {
                    throw new Refused(
                            List.of(new Refusal("", "too-late", "All of it was saved before it could be stopped.")));
                }
            } catch (Stopped expected) {
                // As it was asked for: the transaction took back what it had saved; what was looked at is gone with it.
                if (going.state.equals(Imports.LOOKING)) {
                    return;
                }
            }
        }
        imports.drop(viewer, id);
    }

    /** What sort of file it is; nobody else's is known, and one that is looked at stands here alone. */
    private String kind(Viewer viewer, UUID id) {
        Going going = all.get(id);
        return going != null && going.practiceId.equals(viewer.practiceId()) ? going.kind : imports.kind(viewer, id);
    }

    private Going begin(Viewer viewer, UUID id, String kind) {
        Going going = new Going(viewer, kind, Imports.SAVING);
        going.look = saving.submit(() -> imports.save(viewer, id, going.sifted));
        return going;
    }

    private Imports.Look onTheWay(UUID id, Going going) {
        return new Imports.Look(id, going.kind, going.state, going.sifted);
    }

    /** Its end, once; a fault is told to whoever asks first. */
    private Optional<Imports.Look> ended(UUID id, Going going, Duration wait) {
        try {
            Imports.Look look = going.look.get(wait.toMillis(), TimeUnit.MILLISECONDS);
            all.remove(id, going);
            return Optional.of(look);
        } catch (TimeoutException later) {
            return Optional.empty();
        } catch (ExecutionException fault) {
            all.remove(id, going);
            if (fault.getCause() instanceof RuntimeException known) {
                throw known;
            }
            throw new IllegalStateException(fault.getCause());
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        }
    }

    @PreDestroy
    void end() {
        looking.shutdownNow();
        saving.shutdownNow();
    }
}
