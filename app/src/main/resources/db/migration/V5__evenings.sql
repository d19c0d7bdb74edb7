-- Sets for a place, the people they were performed for, and what came of it.
create table evening_set (
    id uuid primary key,
    title varchar(120) not null,
    version bigint not null,
    changed_at timestamp with time zone not null,
    document varbinary(262144) not null
);
create table audience (
    id uuid primary key,
    name varchar(80) not null,
    document varbinary(16384) not null
);
create table performance (
    id uuid primary key,
    routine_id uuid not null,
    audience_id uuid,
    done_at timestamp with time zone not null,
    document varbinary(65536) not null
);
create index performance_by_audience on performance (audience_id, done_at);
create index performance_by_time on performance (done_at);
create index run_by_time on run (started_at);
