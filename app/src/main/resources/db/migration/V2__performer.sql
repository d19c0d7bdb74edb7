-- What the performer says of themselves: one row a note, such as the hand, or what one calls a move and how well one can do it.
create table performer_note (
    kind varchar(20) not null,
    id varchar(60) not null,
    document clob not null,
    primary key (kind, id)
);
