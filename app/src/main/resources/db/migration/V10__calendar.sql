-- The address of a person's calendar; only what it hashes to is kept, so that nobody can read it out of here.
create table calendar_address (
    person_id uuid primary key references person (id),
    token_sha256 char(64) not null unique,
    made_at timestamp(9) with time zone not null
);
