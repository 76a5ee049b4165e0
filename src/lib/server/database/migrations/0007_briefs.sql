-- Studies may be set as briefs from here on, and may answer one. "brief" says whether a study is listed as a brief, "answers" which brief
-- it answers; both repeat what the document says. An earlier version must not start on such studies.
alter table study add column brief boolean not null default false;
alter table study add column answers text;

create index study_brief on study (brief, changed desc, id desc) where deleted is null;

-- What was handed in, by people here or elsewhere. "content" is the file as it is, which is read where it is shown; what stands beside it
-- is what lists need. "given" is what an educator here gives back with it, "returned" what came back from one.
create table hand_in (
	id text primary key,
	brief text not null,
	-- The study here that it was handed in from; none where it was collected.
	study text,
	title text not null,
	maker text not null,
	handed_in timestamptz not null,
	held integer not null,
	asked integer not null,
	as_written boolean not null,
	brief_fingerprint text not null,
	content text not null,
	given jsonb not null default '{"notes": [], "mark": ""}',
	seen boolean not null default false,
	returned jsonb,
	revision integer not null default 1,
	made timestamptz not null default now(),
	deleted timestamptz
);

create index hand_in_brief on hand_in (brief, made, id) where deleted is null;

create index hand_in_study on hand_in (study, made, id) where deleted is null;
