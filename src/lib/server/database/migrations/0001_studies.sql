create extension if not exists pg_trgm;

-- What people decided stands in "document"; the columns beside it are copies of parts of it that lists need,
-- so that no list ever reads a document.
create table study (
	id text primary key,
	title text not null,
	maker text not null,
	course text not null,
	words text not null,
	plates integer not null,
	document jsonb not null,
	revision integer not null default 1,
	last_save text,
	made timestamptz not null default now(),
	changed timestamptz not null default now(),
	deleted timestamptz
);

create index study_changed on study (changed desc, id desc) where deleted is null;

create index study_title on study (lower(title), id) where deleted is null;

create index study_words on study using gin (words gin_trgm_ops) where deleted is null;

-- Small facts about the database itself, such as whether the demo has been filled in.
create table fact (
	name text primary key,
	content text not null
);
