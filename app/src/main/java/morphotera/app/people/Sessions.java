package morphotera.app.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.NotFound;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Where a person is signed in; they live in the data file and outlive a restart. */
@Component
class Sessions {
    private static final String DEVICE = "device";
    private static final int LONGEST_DEVICE = 120;
    private static final int SHOWN_OF_HASH = 16;

    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    Sessions(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
    }

    /**
     * A device somebody is signed in on.
     *
     * @param id told from the session's own, which is a secret
     * @param here whether it is this one
     */
    record Place(String id, String device, Instant begunAt, Instant seenAt, boolean here) {}

    /** A new session of this person; one that was known before sign-in is worth nothing. */
    void begin(UUID person, HttpServletRequest request) {
        HttpSession old = request.getSession(false);
        if (old != null) {
            old.invalidate();
        }
        HttpSession session = request.getSession(true);
        session.setAttribute(SignedIn.PERSON, person.toString());
        String device = request.getHeader("User-Agent");
        String named = device == null ? "unnamed device" : device;
        session.setAttribute(DEVICE, named.substring(0, Math.min(named.length(), LONGEST_DEVICE)));
    }

    List<Place> of(UUID person, HttpServletRequest request) {
        String here = request.getSession(false) == null
                ? ""
                : request.getSession(false).getId();
        return all(person).values().stream()
                .map(session -> new Place(
                        shown(session.getId()),
                        session.getAttributeOrDefault(DEVICE, "unnamed device"),
                        session.getCreationTime(),
                        session.getLastAccessedTime(),
                        session.getId().equals(here)))
                .sorted(Comparator.comparing(Place::seenAt).reversed())
                .toList();
    }

    void end(UUID person, String shown) {
        String id = all(person).keySet().stream()
                .filter(one -> shown(one).equals(shown))
                .findFirst()
                .orElseThrow(() -> new NotFound("session", shown));
        sessions.deleteById(id);
    }

    /** All of a person's, or all but the one of this request. */
    void endOthers(UUID person, HttpServletRequest except) {
        HttpSession here = except == null ? null : except.getSession(false);
        for (String id : all(person).keySet()) {
            if (here == null || !id.equals(here.getId())) {
                sessions.deleteById(id);
            }
        }
    }

    private Map<String, ? extends Session> all(UUID person) {
        return sessions.findByPrincipalName(person.toString());
    }

    private static String shown(String id) {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(id.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(hash).substring(0, SHOWN_OF_HASH);
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }
}
