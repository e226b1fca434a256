CREATE TABLE people (
  id         TEXT PRIMARY KEY,
  name       TEXT NOT NULL,
  initials   TEXT NOT NULL,
  active     INTEGER NOT NULL DEFAULT 1 CHECK (active IN (0, 1)),
  created_at TEXT NOT NULL,
  updated_at TEXT NOT NULL
) STRICT;

CREATE TABLE shop_policy (
  id         INTEGER PRIMARY KEY CHECK (id = 1),
  body       TEXT NOT NULL CHECK (json_valid(body)),
  updated_at TEXT NOT NULL
) STRICT;

CREATE TABLE customers (
  id         TEXT PRIMARY KEY,
  name       TEXT NOT NULL,
  contact    TEXT,
  created_at TEXT NOT NULL,
  updated_at TEXT NOT NULL
) STRICT;

CREATE TABLE machines (
  id            TEXT PRIMARY KEY,
  customer_id   TEXT NOT NULL REFERENCES customers (id),
  kind          TEXT NOT NULL,
  name          TEXT NOT NULL,
  serial        TEXT,
  meter_reading REAL,
  meter_unit    TEXT NOT NULL,
  meter_source  TEXT NOT NULL,
  created_at    TEXT NOT NULL,
  updated_at    TEXT NOT NULL
) STRICT;
CREATE INDEX machines_of_customer ON machines (customer_id);

CREATE TABLE spec_sheets (
  id           TEXT PRIMARY KEY,
  name         TEXT NOT NULL,
  engine_class TEXT NOT NULL,
  body         TEXT NOT NULL CHECK (json_valid(body)),
  created_at   TEXT NOT NULL,
  updated_at   TEXT NOT NULL
) STRICT;

CREATE TABLE engines (
  id            TEXT PRIMARY KEY,
  machine_id    TEXT NOT NULL REFERENCES machines (id),
  facts         TEXT NOT NULL CHECK (json_valid(facts)),
  spec_sheet_id TEXT NOT NULL REFERENCES spec_sheets (id),
  created_at    TEXT NOT NULL,
  updated_at    TEXT NOT NULL
) STRICT;
CREATE UNIQUE INDEX engine_of_machine ON engines (machine_id);

CREATE TABLE jobs (
  id         TEXT PRIMARY KEY,
  number     INTEGER NOT NULL UNIQUE,
  machine_id TEXT NOT NULL REFERENCES machines (id),
  created_at TEXT NOT NULL
) STRICT;
CREATE INDEX jobs_of_machine ON jobs (machine_id);

CREATE TABLE entries (
  seq         INTEGER PRIMARY KEY AUTOINCREMENT,
  id          TEXT NOT NULL UNIQUE,
  job_id      TEXT NOT NULL REFERENCES jobs (id),
  kind        TEXT NOT NULL,
  at          TEXT NOT NULL,
  by          TEXT NOT NULL REFERENCES people (id),
  how         TEXT,
  body        TEXT NOT NULL CHECK (json_valid(body)),
  supersedes  TEXT REFERENCES entries (id),
  recorded_at TEXT NOT NULL
) STRICT;
CREATE INDEX entries_of_job ON entries (job_id, seq);
CREATE UNIQUE INDEX superseded_once ON entries (supersedes) WHERE supersedes IS NOT NULL;

CREATE TRIGGER entries_are_never_edited BEFORE UPDATE ON entries
BEGIN SELECT RAISE (ABORT, 'the log is append-only: correct an entry with a new one'); END;
CREATE TRIGGER entries_are_never_deleted BEFORE DELETE ON entries
BEGIN SELECT RAISE (ABORT, 'the log is append-only: void an entry with a new one'); END;

-- what master data said before each change
CREATE TABLE changes (
  seq    INTEGER PRIMARY KEY AUTOINCREMENT,
  record TEXT NOT NULL,
  row_id TEXT NOT NULL,
  at     TEXT NOT NULL,
  by     TEXT,
  before TEXT NOT NULL CHECK (json_valid(before)),
  after  TEXT NOT NULL CHECK (json_valid(after))
) STRICT;
CREATE INDEX changes_of_row ON changes (record, row_id, seq);
