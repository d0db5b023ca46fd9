-- What people said of drawn specimens whose answer is known: how well each judges, by method.
create table practice_answer (
    person_id uuid not null references person (id),
    practice_id uuid not null references practice (id),
    method varchar(40) not null,
    number int not null,
    answered_at timestamp(9) with time zone not null,
    said_json varchar(4000) not null,
    score double precision not null,
    true_score double precision not null,
    primary key (person_id, method, number)
);
