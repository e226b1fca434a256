-- Who may do what. Those who were here before signing in may do what they could.
ALTER TABLE people ADD COLUMN role TEXT NOT NULL DEFAULT 'keeper' CHECK (role IN ('bench', 'counter', 'keeper'));
ALTER TABLE people ADD COLUMN senior INTEGER NOT NULL DEFAULT 1 CHECK (senior IN (0, 1));
-- scrypt, with its salt and its cost; null: none was given yet, and nobody comes to the bench under this name
ALTER TABLE people ADD COLUMN pin TEXT;

-- What was let in: a browser at the bench, at the counter, in somebody's hand.
CREATE TABLE devices (
  id           TEXT PRIMARY KEY,
  name         TEXT NOT NULL,
  let_in_at    TEXT NOT NULL,
  let_in_by    TEXT REFERENCES people (id),
  expires_at   TEXT NOT NULL,
  seen_at      TEXT NOT NULL,
  withdrawn_at TEXT,
  -- it was told, and emptied itself
  emptied_at   TEXT,
  -- who is at it, and since when nobody touched it
  person_id    TEXT REFERENCES people (id),
  touched_at   TEXT,
  wrong        INTEGER NOT NULL DEFAULT 0,
  wait_until   TEXT,
  locked_at    TEXT
) STRICT;
CREATE INDEX devices_by_day ON devices (let_in_at);
CREATE INDEX devices_of_person ON devices (person_id);

-- Codes that let a device in once; only their hashes.
CREATE TABLE device_codes (
  hash       TEXT PRIMARY KEY,
  -- the first one names the shop and its keeper too
  first      INTEGER NOT NULL CHECK (first IN (0, 1)),
  name       TEXT,
  made_by    TEXT REFERENCES people (id),
  expires_at TEXT NOT NULL
) STRICT, WITHOUT ROWID;

-- Secret addresses for those who have no device of the shop: an owner's care page, a calendar.
CREATE TABLE secret_links (
  id           TEXT PRIMARY KEY,
  hash         TEXT NOT NULL UNIQUE,
  kind         TEXT NOT NULL CHECK (kind IN ('care', 'calendar')),
  job_id       TEXT REFERENCES jobs (id),
  made_by      TEXT NOT NULL REFERENCES people (id),
  made_at      TEXT NOT NULL,
  withdrawn_at TEXT
) STRICT;
CREATE INDEX secret_links_of ON secret_links (kind, job_id, made_at);

-- What the owner agreed to have kept and sent: null, nobody asked.
ALTER TABLE customers ADD COLUMN may_photo INTEGER CHECK (may_photo IN (0, 1));
ALTER TABLE customers ADD COLUMN may_message INTEGER CHECK (may_message IN (0, 1));
