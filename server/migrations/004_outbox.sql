-- What the shop has to say to an owner: written here, sent by hand or by whatever a shop connects.
CREATE TABLE outbox (
  seq INTEGER PRIMARY KEY,
  id TEXT NOT NULL UNIQUE,
  at TEXT NOT NULL,
  customer_id TEXT NOT NULL REFERENCES customers (id),
  job_id TEXT REFERENCES jobs (id),
  entry_id TEXT REFERENCES entries (id),
  subject TEXT NOT NULL,
  text TEXT NOT NULL
) STRICT;
CREATE INDEX outbox_entry ON outbox (entry_id);
