-- What people write and keep whole: plans, prices, yardsticks, rulings, reports. Every version stays, none is changed.
create table paper (
    practice_id uuid not null references practice (id),
    kind varchar(20) not null,
    id uuid not null,
    version int not null,
    field_id uuid references field (id),
    body_json character large object not null,
    kept_by uuid not null references person (id),
    kept_at timestamp(9) with time zone not null,
    primary key (practice_id, kind, id, version)
);

-- The yardstick a field is scored with; null: the one that ships.
alter table field add column yardstick_id uuid;
-- The version a reading was scored with stands beside it; null: the one that ships.
alter table result add column yardstick_id uuid;

-- What something that was done promised for a zone, fixed with what was known then: later visits are held against it.
create table promise (
    intervention_id uuid not null references intervention (id),
    zone_id uuid not null references zone (id),
    forecast varchar(40) not null,
    measure varchar(60) not null,
    input_json varchar(2000) not null,
    primary key (intervention_id, zone_id)
);

-- How the columns of a table that comes in are read, and how those of files with the same headings were read last.
alter table import_file add column columns_json varchar(20000);
create table import_columns (
    practice_id uuid not null references practice (id),
    kind varchar(20) not null,
    headings_sha256 char(64) not null,
    columns_json varchar(20000) not null,
    primary key (practice_id, kind, headings_sha256)
);
