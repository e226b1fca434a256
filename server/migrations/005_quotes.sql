-- What an owner was asked, frozen as it was shown. The link's secret is kept only as its hash.
CREATE TABLE quotes (
  id          TEXT PRIMARY KEY,
  token_hash  TEXT NOT NULL UNIQUE,
  job_id      TEXT NOT NULL REFERENCES jobs (id),
  by          TEXT NOT NULL REFERENCES people (id),
  created_at  TEXT NOT NULL,
  expires_at  TEXT NOT NULL,
  body        TEXT NOT NULL CHECK (json_valid(body)),
  answered_at TEXT,
  answer      TEXT CHECK (answer IS NULL OR json_valid(answer))
) STRICT;
CREATE INDEX quotes_of_job ON quotes (job_id, created_at);
