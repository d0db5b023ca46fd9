-- A cell of the tray holds several readings, told apart by how, how deep, where and the how-many-th.
alter table reading add column variant varchar(40);
alter table reading add column repeat_number int default 1 not null;
alter table reading add column note varchar(2000);
alter table reading add column sample_id uuid;
-- Of two readings of one cell a person says which holds; the other is set aside and kept.
alter table reading add column set_aside_reason varchar(300);
alter table reading add column set_aside_by uuid references person (id);
alter table reading add column set_aside_at timestamp(9) with time zone;

-- All a result was computed with: an old one has what its visit and field say now, until it is scored again.
alter table result add column context_json varchar(1000);
alter table result add column rules_version varchar(40);
update result set rules_version = (select r.rules_version from reading r where r.id = result.reading_id);

alter table draft add column repeat_number int default 1 not null;
alter table draft drop primary key;
alter table draft add primary key (visit_id, spot_id, method, repeat_number);
alter table draft add column variant varchar(40);
alter table draft add column note varchar(2000);
alter table draft add column sample_id uuid;

alter table clock add column variant varchar(40);
alter table clock add column repeat_number int default 1 not null;

-- What is known of a field, beside its own ground.
alter table field add column building_m double precision;
alter table field add column well_m double precision;
alter table field add column septic_m double precision;
alter table field add column sulphide_clear_on date;
alter table zone add column texture varchar(30);
alter table zone add column clay_percent double precision;

-- What was done, with how much of what, where and how deep.
alter table intervention add column amount double precision;
alter table intervention add column unit varchar(20);
alter table intervention add column product varchar(120);
alter table intervention add column zone_id uuid references zone (id);
alter table intervention add column depth_cm double precision;
alter table intervention add column crop varchar(40);

-- A person who was removed stays by name in what they did.
alter table person add column removed_at timestamp(9) with time zone;

-- One row, locked while the first owner is made: two at once make one practice.
create table installation (id int primary key);
insert into installation (id) values (1);

-- How each field stands, so that the season reads no reading. It is as it should be where computed_at = changes.
create table field_summary (
    field_id uuid primary key references field (id),
    practice_id uuid not null references practice (id),
    changes bigint not null,
    computed_at bigint not null,
    needs_on date not null,
    scored_visit_id uuid references visit (id),
    score double precision,
    provisional boolean default false not null,
    look_from date,
    look_to date,
    look_why varchar(120)
);
create index field_summary_old on field_summary (practice_id, computed_at, changes);
create index field_summary_by_need on field_summary (practice_id, needs_on, field_id);
insert into field_summary (field_id, practice_id, changes, computed_at, needs_on)
    select id, practice_id, 1, 0, date '2200-12-31' from field;

-- Who is signed in, kept over a restart (the tables of Spring Session).
create table spring_session (
    primary_id char(36) not null primary key,
    session_id char(36) not null,
    creation_time bigint not null,
    last_access_time bigint not null,
    max_inactive_interval int not null,
    expiry_time bigint not null,
    principal_name varchar(100)
);
create unique index spring_session_by_id on spring_session (session_id);
create index spring_session_by_expiry on spring_session (expiry_time);
create index spring_session_by_person on spring_session (principal_name);
create table spring_session_attributes (
    session_primary_id char(36) not null references spring_session (primary_id) on delete cascade,
    attribute_name varchar(200) not null,
    attribute_bytes binary varying(100000) not null,
    primary key (session_primary_id, attribute_name)
);

-- Two thousand corners with all their digits, and ticks of many zones.
alter table field alter column outline_json varchar(400000);
alter table visit alter column ticks_json varchar(400000);
