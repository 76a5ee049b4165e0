-- Studies may be set as briefs from here on, and may answer one. "brief" says whether a study is listed as a brief, "answers" which brief
-- it answers; both repeat what the document says. An earlier version must not start on such studies.
alter table study add column brief boolean not null default false;
alter table study add column answers text;

create index study_brief on study (brief, changed desc, id desc) where deleted is null;
