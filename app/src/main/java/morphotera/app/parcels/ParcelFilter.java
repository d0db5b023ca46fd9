package morphotera.app.parcels;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import morphotera.app.api.PlainProblem;
import morphotera.app.people.Viewer;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.http.MediaType;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * What a device sends says for whom it is, by which page it was made, and which parcel it is: nothing is read or written under
 * the wrong name, and nothing is written twice.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class ParcelFilter extends OncePerRequestFilter {
    static final String PARCEL = "X-Morphotera-Parcel";
    static final String PERSON = "X-Morphotera-Person";
    static final String PAGE = "X-Morphotera-Page";

    /** Pages of before this build send bodies that are not read any more. */
    private static final int OLDEST_PAGE = 1;

    private static final Set<String> WRITES = Set.of("PUT", "POST", "PATCH", "DELETE");

    private final Ledger ledger;

    ParcelFilter(Ledger ledger) {
        this.ledger = ledger;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication signedIn = SecurityContextHolder.getContext().getAuthentication();
        if (signedIn == null || !(signedIn.getPrincipal() instanceof Viewer viewer)) {
            chain.doFilter(request, response);
            return;
        }
        if (!isFor(viewer, request)) {
            PlainProblem.write(
                    response,
                    409,
                    "other-person",
                    "Somebody else",
                    "Somebody else is signed in here. It waits on this device for the person who made it.");
        } else if (isTooOld(request.getHeader(PAGE))) {
            PlainProblem.write(
                    response,
                    426,
                    "page-too-old",
                    "The page is too old",
                    "This page is older than the server can read. Take the newer page; what is to be sent is kept.");
        } else if (request.getHeader(PARCEL) == null || !WRITES.contains(request.getMethod())) {
            chain.doFilter(request, response);
        } else {
            once(viewer, request, response, chain);
        }
    }

    private static boolean isFor(Viewer viewer, HttpServletRequest request) {
        String header = request.getHeader(PERSON);
        String person = header == null ? request.getParameter("person") : header;
        return person == null || person.equalsIgnoreCase(viewer.personId().toString());
    }

    private static boolean isTooOld(String page) {
        return page != null && page.matches("\\d{1,9}") && Integer.parseInt(page) < OLDEST_PAGE;
    }

    private void once(Viewer viewer, HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws IOException {
        Optional<UUID> parcel = id(request.getHeader(PARCEL));
        if (parcel.isEmpty()) {
            PlainProblem.write(response, 400, "not-readable", "Not readable", "The id of a parcel is a UUID.");
            return;
        }
        ContentCachingResponseWrapper kept = new ContentCachingResponseWrapper(response);
        String address = request.getMethod() + " " + request.getRequestURI();
        try {
            Optional<Ledger.Told> told = ledger.once(viewer.personId(), parcel.get(), address, () -> {
                pass(request, kept, chain);
                return new Ledger.Answer(
                        kept.getStatus(), new String(kept.getContentAsByteArray(), StandardCharsets.UTF_8));
            });
            if (told.isEmpty()) {
                PlainProblem.write(
                        response,
                        422,
                        "refused",
                        "Another parcel",
                        "This parcel was sent already, for something else. Send it under an id of its own.");
            } else if (told.get().again()) {
                sayAgain(response, told.get().answer());
            } else {
                kept.copyBodyToResponse();
            }
        } catch (DataAccessException | TransactionException fault) {
            // Nothing was written, and nothing was said yet.
            response.reset();
            response.setHeader("Retry-After", "5");
            PlainProblem.write(
                    response,
                    503,
                    "no-storage",
                    "Cannot save just now",
                    "The data file cannot be reached: the disk may be full or gone. What you typed is kept on this device; try again.");
        }
    }

    private static void pass(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws IOException {
        try {
            chain.doFilter(request, response);
        } catch (ServletException fault) {
            throw new IOException(fault);
        }
    }

    private static void sayAgain(HttpServletResponse response, Ledger.Answer answer) throws IOException {
        response.setStatus(answer.status());
        if (!answer.text().isEmpty()) {
            response.setContentType(MediaType.APPLICATION_JSON_VALUE);
            response.getOutputStream().write(answer.text().getBytes(StandardCharsets.UTF_8));
        }
    }

    private static Optional<UUID> id(String text) {
        try {
            return Optional.of(UUID.fromString(text));
        } catch (IllegalArgumentException no) {
            return Optional.empty();
        }
    }
}
