-- Parts kept from engines that were given up; what one said before a change is kept in `changes`.
CREATE TABLE shelf (
  id           TEXT PRIMARY KEY,
  number       INTEGER NOT NULL UNIQUE,
  part         TEXT,
  name         TEXT NOT NULL,
  engine_class TEXT NOT NULL,
  from_job_id  TEXT REFERENCES jobs (id),
  grade        TEXT NOT NULL,
  tested       TEXT,
  measured     TEXT,
  place        TEXT NOT NULL,
  price_minor  INTEGER,
  state        TEXT NOT NULL,
  job_id       TEXT REFERENCES jobs (id),
  quarantine   TEXT,
  created_at   TEXT NOT NULL,
  updated_at   TEXT NOT NULL
) STRICT;
CREATE INDEX shelf_by_part ON shelf (engine_class, part, state);
