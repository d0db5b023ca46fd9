package morphotera.app.people;

import java.net.InetAddress;
import morphotera.app.api.PlainProblem;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.session.autoconfigure.DefaultCookieSerializerCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;

/** Who may reach what: the page and the sign-in are open, the rest of the API is for those signed in. */
@Configuration
class Security {
    private static final String CONTENT = "default-src 'self'; img-src 'self' data: blob:; object-src 'none'; "
            + "base-uri 'self'; form-action 'self'; frame-ancestors 'none'";

    @Bean
    SecurityFilterChain chain(HttpSecurity http, SignedIn signedIn, CookieCsrfTokenRepository tokens) throws Exception {
        return http.authorizeHttpRequests(requests -> requests.requestMatchers(
                                "/api/session", "/api/health", "/api/welcome", "/api/first-owner", "/error")
                        .permitAll()
                        .requestMatchers(HttpMethod.GET, "/api/calendar/*.ics", "/api/backups/*")
                        .permitAll()
                        .requestMatchers("/api/**", "/v3/**")
                        .authenticated()
                        .requestMatchers(HttpMethod.GET, "/**")
                        .permitAll()
                        .requestMatchers(HttpMethod.HEAD, "/**")
                        .permitAll()
                        .anyRequest()
                        .denyAll())
                .csrf(csrf -> csrf.spa().csrfTokenRepository(tokens))
                .securityContext(context -> context.securityContextRepository(signedIn))
                .sessionManagement(sessions -> sessions.disable())
                .requestCache(cache -> cache.disable())
                .formLogin(form -> form.disable())
                .httpBasic(basic -> basic.disable())
                .logout(logout -> logout.disable())
                .exceptionHandling(faults -> faults.authenticationEntryPoint(
                                (request, response, fault) -> PlainProblem.write(
                                        response,
                                        401,
                                        "signed-out",
                                        "Signed out",
                                        "You are signed out. Sign in again; what you typed is kept."))
                        .accessDeniedHandler((request, response, fault) -> {
                            boolean token = fault instanceof CsrfException;
                            PlainProblem.write(
                                    response,
                                    403,
                                    token ? "token" : "forbidden",
                                    token ? "Ask again" : "Not allowed",
                                    token
                                            ? "The page and the server disagree on the token. Take a new one and ask again."
                                            : "This is not for you.");
                        }))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT))
                        .referrerPolicy(policy -> policy.policy(ReferrerPolicyHeaderWriter.ReferrerPolicy.SAME_ORIGIN))
                        .crossOriginOpenerPolicy(policy ->
                                policy.policy(CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy.SAME_ORIGIN)))
                .build();
    }

    /** The page reads this one and sends it back; it goes nowhere else. */
    @Bean
    CookieCsrfTokenRepository tokens(@Value("${server.address}") InetAddress address) {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieCustomizer(cookie -> cookie.sameSite("Lax").path("/").secure(!address.isLoopbackAddress()));
        return tokens;
    }

    /** An address that the fire wall refuses gets a problem, too. */
    @Bean
    RequestRejectedHandler refusedAddress() {
        return (request, response, fault) -> PlainProblem.write(
                response, 400, "not-readable", "Not readable", "This address holds signs that are not taken here.");
    }

    /** Argon2id with the framework's current parameters. */
    @Bean
    PasswordEncoder passwords() {
        return Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();
    }

    /** Sign-in is our own; without this the framework would make up a user and print a password. */
    @Bean
    UserDetailsService nobody() {
        return name -> {
            throw new UsernameNotFoundException(name);
        };
    }

    /** When a session was last used is written once in five minutes, not at every request; whose it is never changes. */
    @Bean
    SessionRepositoryCustomizer<JdbcIndexedSessionRepository> seldomWritten() {
        return sessions -> sessions.setUpdateSessionQuery("""
                update %TABLE_NAME% set session_id = ?, last_access_time = ?, max_inactive_interval = ?, expiry_time = ?,
                  principal_name = ?
                where primary_id = ?
                  and last_access_time < cast(extract(epoch from current_timestamp) * 1000 as bigint) - 300000
                """);
    }

    /** A cookie goes over plain HTTP only on this machine. */
    @Bean
    DefaultCookieSerializerCustomizer secureCookie(@Value("${server.address}") InetAddress address) {
        return cookie -> cookie.setUseSecureCookie(!address.isLoopbackAddress());
    }
}
