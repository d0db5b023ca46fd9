-- Soil of several spots of a zone, mixed and carried; readings name it in place of a spot.
create table sample (
    id uuid primary key,
    practice_id uuid not null references practice (id),
    field_id uuid not null references field (id),
    visit_id uuid not null references visit (id),
    zone_id uuid not null references zone (id),
    label varchar(20) not null,
    spots_json varchar(8000) not null,
    subsamples int,
    top_cm double precision not null,
    bottom_cm double precision not null,
    taken_at timestamp(9) with time zone not null,
    cooled_at timestamp(9) with time zone,
    handed_over_at timestamp(9) with time zone,
    asked_json varchar(4000) not null,
    laboratory varchar(120),
    cost double precision,
    version int not null
);
create index sample_of_field on sample (field_id, taken_at);
create index sample_of_visit on sample (visit_id);

-- A place is a spot or a sample.
alter table reading alter column spot_id set null;
alter table reading add foreign key (sample_id) references sample (id);
alter table reading add constraint reading_has_a_place check ((spot_id is null) <> (sample_id is null));
create index reading_at_sample on reading (visit_id, sample_id);
alter table result alter column spot_id set null;
-- What of a result is no evidence; null in those of before it was kept: as their flags say.
alter table result add column hollow_json varchar(1000);

alter table draft drop primary key;
alter table draft add column place_id uuid;
update draft set place_id = spot_id;
alter table draft drop column spot_id;
alter table draft alter column place_id set not null;
alter table draft add primary key (visit_id, place_id, method, repeat_number);
alter table draft drop column sample_id;
alter table clock add column place_id uuid;
update clock set place_id = spot_id;
alter table clock drop column spot_id;
alter table clock alter column place_id set not null;
