-- What a device sends is a parcel; its id is kept with the answer, so that an answer lost on the way can be said again.
create table parcel (
    id uuid primary key,
    person_id uuid not null references person (id),
    address varchar(300) not null,
    status int not null,
    answer character large object not null,
    kept_at timestamp(9) with time zone not null
);
create index parcel_by_age on parcel (kept_at);

-- Raised by every write of a visit: a copy of it with a lower one is older.
alter table visit add column revision int default 0 not null;
