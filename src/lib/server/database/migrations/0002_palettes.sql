-- "content" holds what people decided; "words" and "tags" are copies of parts of it that searches need.
create table palette (
	id text primary key,
	place integer not null,
	words text not null,
	tags text[] not null,
	content jsonb not null,
	revision integer not null default 1,
	made timestamptz not null default now(),
	changed timestamptz not null default now(),
	deleted timestamptz
);

create index palette_place on palette (place, id) where deleted is null;

create index palette_words on palette using gin (words gin_trgm_ops) where deleted is null;
