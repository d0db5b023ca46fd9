-- Where people come in, and what is not walked on: both lists of corners.
alter table field add column gate_json varchar(100);
alter table field add column avoid_json varchar(100000) default '[]' not null;

-- How the day is meant: people, start, ways of doing tests, where each is done.
alter table visit add column plan_json varchar(20000) default '{}' not null;

-- A practice's own sets of tests; those that ship are in the code, and a practice's of the same id stands in for it.
create table template (
    id varchar(60) not null,
    practice_id uuid not null references practice (id),
    name varchar(120) not null,
    question varchar(30) not null,
    land_use varchar(20),
    tests_json varchar(20000) not null,
    version int not null,
    primary key (practice_id, id)
);

-- Rain and warmth by day as a holding read them; the station's stand where it has none.
create table weather_day (
    holding_id uuid not null references holding (id),
    on_day date not null,
    rain_mm double precision not null,
    irrigation_mm double precision,
    air_mean_c double precision,
    primary key (holding_id, on_day)
);
