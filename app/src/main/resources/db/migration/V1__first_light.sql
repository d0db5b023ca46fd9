-- Every row belongs to a practice; ids are made by the client (UUID version 7); units stand in the column names.

create table practice (
    id uuid primary key,
    name varchar(120) not null,
    made_up boolean default false not null
);

create table person (
    id uuid primary key,
    practice_id uuid not null references practice (id),
    email varchar(200) not null unique,
    name varchar(120) not null,
    role varchar(20) not null,
    password_hash varchar(300) not null,
    version int not null
);

create table holding (
    id uuid primary key,
    practice_id uuid not null references practice (id),
    name varchar(120) not null,
    version int not null
);

-- The holdings a reader may see; advisers and owners see all of their practice.
create table person_holding (
    person_id uuid not null references person (id),
    holding_id uuid not null references holding (id),
    primary key (person_id, holding_id)
);

create table field (
    id uuid primary key,
    practice_id uuid not null references practice (id),
    holding_id uuid not null references holding (id),
    name varchar(120) not null,
    land_use varchar(20) not null,
    texture varchar(30),
    clay_percent double precision,
    crop varchar(30),
    purpose varchar(30),
    climate varchar(20),
    coastal boolean,
    school varchar(20) not null,
    outline_json varchar(100000) not null,
    area_ha double precision not null,
    time_zone varchar(60) not null,
    version int not null
);
create index field_of_practice on field (practice_id, name);

create table zone (
    id uuid primary key,
    practice_id uuid not null references practice (id),
    field_id uuid not null references field (id),
    name varchar(120) not null,
    kind varchar(20) not null,
    version int not null
);
create index zone_of_field on zone (field_id);

create table spot (
    id uuid primary key,
    practice_id uuid not null references practice (id),
    field_id uuid not null references field (id),
    zone_id uuid not null references zone (id),
    label varchar(20) not null,
    note varchar(300),
    lat double precision not null,
    lon double precision not null,
    retired_on date,
    retired_reason varchar(300),
    version int not null
);
create index spot_of_field on spot (field_id);

create table visit (
    id uuid primary key,
    practice_id uuid not null references practice (id),
    field_id uuid not null references field (id),
    planned_on date not null,
    state varchar(20) not null,
    question varchar(30) not null,
    methods_json varchar(4000) not null,
    observer_id uuid not null references person (id),
    moisture varchar(20),
    soil_temperature_c double precision,
    days_since_rain double precision,
    rain_mm double precision,
    weather varchar(300),
    start_card_json varchar(4000) not null,
    ticks_json varchar(20000) not null,
    version int not null
);
create index visit_of_field on visit (field_id, planned_on);

-- What was entered, as it was entered. A correction is a new row that points at the old one; both are kept.
create table reading (
    id uuid primary key,
    practice_id uuid not null references practice (id),
    visit_id uuid not null references visit (id),
    spot_id uuid not null references spot (id),
    method varchar(40) not null,
    entered_json varchar(200000) not null,
    taken_at timestamp(9) with time zone not null,
    entered_by uuid not null references person (id),
    device varchar(60),
    rules_version varchar(40) not null,
    corrects uuid references reading (id),
    correction_reason varchar(300)
);
create index reading_of_visit on reading (visit_id);
create unique index reading_corrected_once on reading (corrects);

create table result (
    reading_id uuid primary key references reading (id),
    practice_id uuid not null references practice (id),
    field_id uuid not null references field (id),
    spot_id uuid not null references spot (id),
    method varchar(40) not null,
    score double precision,
    band varchar(20),
    words_json varchar(8000) not null,
    because_json varchar(8000) not null,
    flags_json varchar(8000) not null,
    placed_json varchar(8000),
    yardstick varchar(120) not null,
    yardstick_version int not null
);
create index result_of_field on result (field_id, method);

create table measure (
    reading_id uuid not null references reading (id),
    position_in_reading int not null,
    measure_key varchar(40) not null,
    measure_value double precision,
    unit varchar(20),
    depth_cm double precision,
    repeat_index int,
    plus_minus double precision,
    primary key (reading_id, position_in_reading)
);

-- A wait that runs from the instant it began; nothing counts down on the server.
create table clock (
    id uuid primary key,
    practice_id uuid not null references practice (id),
    visit_id uuid not null references visit (id),
    spot_id uuid not null references spot (id),
    method varchar(40) not null,
    step varchar(40) not null,
    began_at timestamp(9) with time zone not null,
    ended_at timestamp(9) with time zone
);
create index clock_of_practice on clock (practice_id, ended_at);

create table intervention (
    id uuid primary key,
    practice_id uuid not null references practice (id),
    field_id uuid not null references field (id),
    done_on date not null,
    kind varchar(30) not null,
    note varchar(300),
    version int not null
);
create index intervention_of_field on intervention (field_id, done_on);

-- What is being typed for one method at one spot, until it counts as a reading. Kept for a lost phone and a second device.
create table draft (
    visit_id uuid not null references visit (id),
    spot_id uuid not null references spot (id),
    method varchar(40) not null,
    practice_id uuid not null references practice (id),
    body_json varchar(200000) not null,
    changed_at timestamp(9) with time zone not null,
    primary key (visit_id, spot_id, method)
);
