-- the pictures themselves lie in the folder `photos` beside this file
CREATE TABLE photos (
  id         TEXT PRIMARY KEY,
  job_id     TEXT NOT NULL REFERENCES jobs (id),
  width      INTEGER NOT NULL,
  height     INTEGER NOT NULL,
  bytes      INTEGER NOT NULL,
  created_at TEXT NOT NULL
) STRICT;
CREATE INDEX photos_of_job ON photos (job_id);
