-- A file that was looked at and waits to be confirmed; it lies beside the data under its id.
create table import_file (
    id uuid primary key,
    practice_id uuid not null references practice (id),
    person_id uuid not null references person (id),
    kind varchar(20) not null,
    holding_id uuid references holding (id),
    field_id uuid references field (id),
    state varchar(20) not null,
    made_at timestamp(9) with time zone not null
);
create index import_by_age on import_file (made_at);
