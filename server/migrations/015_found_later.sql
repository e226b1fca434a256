-- The words of an entry are put to its job's a moment after it is on disk, and before anybody looks for them: writing them with the entry
-- cost a third of it, and more with each entry that the job already had. Up to which entry that is done:
DROP TRIGGER entry_is_found;
CREATE TABLE found_upto (id INTEGER PRIMARY KEY CHECK (id = 1), seq INTEGER NOT NULL) STRICT;
INSERT INTO found_upto SELECT 1, COALESCE(MAX(seq), 0) FROM entries;
