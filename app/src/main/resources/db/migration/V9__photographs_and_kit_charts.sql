-- Pictures lie beside the data, named by what is in them; here is what they are of.
create table photograph (
    id uuid primary key,
    practice_id uuid not null references practice (id),
    visit_id uuid not null references visit (id),
    spot_id uuid references spot (id),
    method varchar(40),
    sent_sha256 char(64) not null,
    sha256 char(64) not null,
    kind varchar(20) not null,
    width_px int not null,
    height_px int not null,
    bytes bigint not null,
    taken_at timestamp(9) with time zone not null,
    removed varchar(60) not null,
    kept_at timestamp(9) with time zone not null
);
create index photograph_of_visit on photograph (visit_id, taken_at);

-- A kit's printed colours as the practice entered them; a reading keeps the value, not the chart.
create table kit_chart (
    id uuid primary key,
    practice_id uuid not null references practice (id),
    name varchar(120) not null,
    kit varchar(120) not null,
    quantity varchar(40) not null,
    unit varchar(60),
    steps_json varchar(8000) not null,
    version int not null
);
create index kit_chart_of_practice on kit_chart (practice_id, name);
