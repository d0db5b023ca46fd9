-- A sample that was sent to a laboratory, with what went along, and what came back; that it was taken, its reading says.
create table sample_order (
    sample_id uuid primary key references sample (id),
    practice_id uuid not null references practice (id),
    sent_by uuid not null references person (id),
    sent_at timestamp(9) with time zone not null,
    likely_at timestamp(9) with time zone not null,
    bag_json varchar(8000) not null,
    answered_at timestamp(9) with time zone,
    answer_json varchar(8000)
);
create index sample_order_waiting on sample_order (answered_at, likely_at);
