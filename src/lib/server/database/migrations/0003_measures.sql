-- How a ground works on a figure for one person, measured by their own matches, which "matches" holds.
create table measure (
	id text primary key,
	p double precision not null,
	spread double precision not null,
	matches jsonb not null,
	made timestamptz not null default now(),
	deleted timestamptz
);

create index measure_made on measure (made desc, id) where deleted is null;
