-- Plates keep the settings of each exercise apart from here on. Studies are brought over as they are read (plates/bring-over.ts) and
-- stored in the new shape when they are next saved: nothing is to be done here, but an earlier version must not start on such studies.
select 1;
