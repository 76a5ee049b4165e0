-- Studies have labels of rows, captions, a reflection, and grounds of plates from here on, all of which may be missing: nothing is to be
-- done here, but an earlier version must not start on such studies.
select 1;
