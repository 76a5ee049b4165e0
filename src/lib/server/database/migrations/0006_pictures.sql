-- Studies may have pictures from here on, which stand as files beside the database. "pictures" repeats their ids, so that what no
-- study names is found without reading a document. An earlier version must not start on such studies.
alter table study add column pictures text[] not null default '{}';
