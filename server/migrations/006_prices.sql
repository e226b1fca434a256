-- Prices as suppliers' lists gave them; what a list said before is kept in `changes`.
CREATE TABLE prices (
  id            TEXT PRIMARY KEY,
  supplier      TEXT NOT NULL,
  number        TEXT NOT NULL,
  name          TEXT NOT NULL,
  kind          TEXT NOT NULL,
  price_minor   INTEGER,
  lead_days     INTEGER,
  stock         INTEGER,
  superseded_by TEXT,
  priced_on     TEXT NOT NULL,
  updated_at    TEXT NOT NULL,
  UNIQUE (supplier, number)
) STRICT;
CREATE INDEX prices_by_name ON prices (name COLLATE NOCASE);
