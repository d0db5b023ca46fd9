-- What a probe said in the minute before its figure was taken. A reading is never changed; neither is this.
create table reading_stream (
    reading_id uuid primary key references reading (id),
    practice_id uuid not null references practice (id),
    streams_json varchar(200000) not null
);
