package morphotera.app.people;

import morphotera.app.api.Findings;

/** What an address and a password must be. */
final class Passwords {
    private static final int SHORTEST = 10;

    private Passwords() {}

    static void check(Findings findings, String email, String password) {
        findings.text("/email", email, "An e-mail address", 200);
        if (email != null && !email.strip().matches("[^@\\s]+@[^@\\s]+\\.[^@\\s]+")) {
            findings.refuse("/email", "no-address", "This is not an e-mail address.");
        }
        checkNew(findings, password);
    }

    static void checkNew(Findings findings, String password) {
        findings.text("/password", password, "A password", 200);
        if (password != null && password.length() < SHORTEST) {
            findings.refuse("/password", "too-short", "A password takes " + SHORTEST + " characters or more.");
        }
    }
}
