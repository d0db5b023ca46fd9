package morphotera.app.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import morphotera.ground.Coded;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpRequestResponseHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.stereotype.Component;

/** The session holds who; what they may is looked up for each request, so that a changed role acts at once. */
@Component
class SignedIn implements SecurityContextRepository {
    static final String PERSON = FindByIndexNameSessionRepository.PRINCIPAL_NAME_INDEX_NAME;

    private final PeopleMapper people;

    SignedIn(PeopleMapper people) {
        this.people = people;
    }

    @Override
    @Deprecated
    public SecurityContext loadContext(HttpRequestResponseHolder holder) {
        return context(holder.getRequest());
    }

    @Override
    public org.springframework.security.core.context.DeferredSecurityContext loadDeferredContext(
            HttpServletRequest request) {
        SecurityContext context = context(request);
        return new org.springframework.security.core.context.DeferredSecurityContext() {
            @Override
            public SecurityContext get() {
                return context;
            }

            @Override
            public boolean isGenerated() {
                return context.getAuthentication() == null;
            }
        };
    }

    private SecurityContext context(HttpServletRequest request) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        who(request)
                .flatMap(this::viewer)
                .ifPresent(viewer -> context.setAuthentication(
                        UsernamePasswordAuthenticationToken.authenticated(viewer, null, List.of())));
        return context;
    }

    private static Optional<UUID> who(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session != null && session.getAttribute(PERSON) instanceof String person
                ? Optional.of(UUID.fromString(person))
                : Optional.empty();
    }

    /** None where the person was removed. */
    Optional<Viewer> viewer(UUID person) {
        List<PeopleMapper.Right> rights = people.rights(person);
        if (rights.isEmpty()) {
            return Optional.empty();
        }
        PeopleMapper.Right first = rights.get(0);
        Role role = Coded.of(Role.values(), first.role());
        List<UUID> holdings = rights.stream()
                .map(PeopleMapper.Right::holdingId)
                .filter(holding -> holding != null)
                .toList();
        return Optional.of(new Viewer(person, first.practiceId(), role, role == Role.READER ? holdings : null));
    }

    /** Who is signed in is kept when signing in, and nothing else. */
    @Override
    public void saveContext(SecurityContext context, HttpServletRequest request, HttpServletResponse response) {}

    @Override
    public boolean containsContext(HttpServletRequest request) {
        return who(request).isPresent();
    }
}
