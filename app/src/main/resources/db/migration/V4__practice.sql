-- What is practised beside run-throughs: tries of beats, guesses of packets, answers to questions, sets of drills.
create table practice (
    id uuid primary key,
    kind varchar(10) not null,
    subject varchar(80) not null,
    done_at timestamp with time zone not null,
    document varbinary(65536) not null
);
create index practice_by_subject on practice (kind, subject, done_at);
