package morphotera.app.people;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import morphotera.app.api.Findings;

/** What an address and a password must be. */
final class Passwords {
    private static final int SHORTEST = 10;
    private static final Set<String> COMMON = common();

    private Passwords() {}

    private static Set<String> common() {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                Passwords.class.getResourceAsStream("/common-passwords.txt"), StandardCharsets.UTF_8))) {
            return lines.lines().filter(line -> !line.isBlank()).collect(Collectors.toUnmodifiableSet());
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    static void checkAddress(Findings findings, String email) {
        findings.text("/email", email, "An e-mail address", 200);
        if (email != null && !email.strip().matches("[^@\\s]+@[^@\\s]+\\.[^@\\s]+")) {
            findings.refuse("/email", "no-address", "This is not an e-mail address.");
        }
    }

    /** @param path of the password in the body */
    static void check(Findings findings, String path, String email, String password) {
        findings.text(path, password, "A password", 200);
        if (password == null) {
            return;
        }
        String plain = password.strip().toLowerCase(Locale.ROOT);
        if (password.length() < SHORTEST) {
            findings.refuse(path, "too-short", "A password takes " + SHORTEST + " characters or more.");
        } else if (email != null && isOf(plain, email.strip().toLowerCase(Locale.ROOT))) {
            findings.refuse(path, "is-address", "The address is no password: others know it.");
        } else if (COMMON.contains(plain) || plain.chars().distinct().count() < 4) {
            findings.refuse(
                    path, "common", "This is among the passwords that are tried first. Take three words of your own.");
        }
    }

    private static boolean isOf(String password, String email) {
        return password.equals(email) || password.equals(email.split("@", 2)[0]);
    }
}
