create table routine (
    id uuid primary key,
    title varchar(120) not null,
    tags varchar(1000) not null,
    version bigint not null,
    revision integer not null,
    last_revision integer not null,
    created_at timestamp with time zone not null,
    changed_at timestamp with time zone not null,
    deleted_at timestamp with time zone
);

create table routine_revision (
    id uuid primary key,
    routine_id uuid not null references routine (id),
    number integer not null,
    document clob not null,
    unique (routine_id, number)
);

create table rehearsal (
    id uuid primary key,
    routine_id uuid not null references routine (id),
    started_at timestamp with time zone not null,
    total_millis bigint not null,
    slips integer not null,
    came_out boolean not null,
    record clob not null
);

create index rehearsal_by_routine on rehearsal (routine_id, started_at);

create table mark (
    name varchar(40) primary key
);
