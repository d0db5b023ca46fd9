package morphotera.app.parcels;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import morphotera.app.api.PlainProblem;
import morphotera.app.people.Viewer;
import morphotera.app.people.Viewers;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.http.MediaType;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
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
    static final String MADE_BY = "X-Morphotera-Made-By";

    /** Pages of before this build send bodies that are not read any more. */
    private static final int OLDEST_PAGE = 1;

    /** What devices keep to be sent; nothing of an account is among it. */
    private static final Pattern KEPT_ON_DEVICES =
            Pattern.compile("/api/(holdings|fields|zones|spots|visits|samples|readings|interventions|photographs)/.+");

    private static final Set<String> WRITES = Set.of("PUT", "POST", "PATCH", "DELETE");

    private final Ledger ledger;
    private final Viewers viewers;

    ParcelFilter(Ledger ledger, Viewers viewers) {
        this.ledger = ledger;
        this.viewers = viewers;
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
        } else if (!isUnderTheRightName(viewer, request)) {
            PlainProblem.write(
                    response,
                    403,
                    "forbidden",
                    "Not yours to take in",
                    "What another could not send is taken in by an owner, for somebody of their own practice.");
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

    /** What an owner takes in for another is written under that one's name, whether they are still here or were removed. */
    private boolean isUnderTheRightName(Viewer viewer, HttpServletRequest request) {
        String maker = request.getHeader(MADE_BY);
        if (maker == null || maker.equalsIgnoreCase(viewer.personId().toString())) {
            return true;
        }
        boolean isKept = WRITES.contains(request.getMethod())
                && KEPT_ON_DEVICES.matcher(request.getRequestURI()).matches();
        Optional<Viewer> other =
                isKept ? id(maker).flatMap(person -> viewers.onBehalfOf(person, viewer)) : Optional.empty();
        other.ifPresent(one -> SecurityContextHolder.getContext()
                .setAuthentication(UsernamePasswordAuthenticationToken.authenticated(one, null, List.of())));
        return other.isPresent();
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
