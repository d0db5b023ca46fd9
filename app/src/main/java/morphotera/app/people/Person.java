package morphotera.app.people;

import java.util.UUID;

/** A person of a practice, as stored. */
record Person(UUID id, UUID practiceId, String email, String name, String role, String passwordHash, int version) {}
