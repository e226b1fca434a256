-- What is to be looked at again, over all machines: only what is still open, made anew from a machine's logs when something of it moves.
CREATE TABLE watches (
  entry_id   TEXT PRIMARY KEY REFERENCES entries (id),
  job_id     TEXT NOT NULL REFERENCES jobs (id),
  machine_id TEXT NOT NULL REFERENCES machines (id),
  words      TEXT NOT NULL,
  due_on     TEXT,
  -- due by the meter as it stands
  by_meter   INTEGER NOT NULL CHECK (by_meter IN (0, 1))
) STRICT;
CREATE INDEX watches_of ON watches (machine_id);
CREATE INDEX watches_due ON watches (due_on) WHERE due_on IS NOT NULL;
CREATE INDEX watches_by_meter ON watches (by_meter, entry_id) WHERE by_meter = 1;
