-- Bills and credit notes in one row of numbers without a gap; what was given is never changed and never taken out.
CREATE TABLE bills (
  id          TEXT PRIMARY KEY,
  number      INTEGER NOT NULL UNIQUE CHECK (number > 0),
  job_id      TEXT NOT NULL REFERENCES jobs (id),
  kind        TEXT NOT NULL CHECK (kind IN ('invoice', 'credit')),
  -- the bill that a credit note takes back: each at most once
  answers     TEXT UNIQUE REFERENCES bills (id),
  by          TEXT NOT NULL REFERENCES people (id),
  given_at    TEXT NOT NULL,
  total_minor INTEGER NOT NULL,
  body        TEXT NOT NULL,
  CHECK ((kind = 'credit') = (answers IS NOT NULL))
) STRICT;
CREATE INDEX bills_of ON bills (job_id, number);
CREATE TRIGGER bills_stand BEFORE UPDATE ON bills
BEGIN
  SELECT RAISE (ABORT, 'A bill that was given is not changed.');
END;
CREATE TRIGGER bills_stay BEFORE DELETE ON bills
BEGIN
  SELECT RAISE (ABORT, 'A bill that was given is not taken out.');
END;

-- Money over the counter: more than nothing came in, less went back.
CREATE TABLE payments (
  id      TEXT PRIMARY KEY,
  job_id  TEXT NOT NULL REFERENCES jobs (id),
  by      TEXT NOT NULL REFERENCES people (id),
  at      TEXT NOT NULL,
  -- by the shop's clock
  day     TEXT NOT NULL,
  minor   INTEGER NOT NULL CHECK (minor <> 0),
  paid_by TEXT NOT NULL,
  note    TEXT
) STRICT;
CREATE INDEX payments_of ON payments (job_id, at);
CREATE INDEX payments_on ON payments (day, at);
CREATE TRIGGER payments_stand BEFORE UPDATE ON payments
BEGIN
  SELECT RAISE (ABORT, 'A payment is not changed: pay back what was wrong.');
END;
CREATE TRIGGER payments_stay BEFORE DELETE ON payments
BEGIN
  SELECT RAISE (ABORT, 'A payment is not taken out: pay back what was wrong.');
END;
