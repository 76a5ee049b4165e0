-- How the hand-ins of a brief hang on the wall: in groups that an educator here has made, each with its makers in order.
create table wall (
	brief text primary key,
	groups jsonb not null,
	revision integer not null default 1,
	changed timestamptz not null default now()
);
