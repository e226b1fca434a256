-- What was sent once, so that the same thing sent again after a lost answer is not done twice, and another thing under its id is refused.
CREATE TABLE deliveries (
  id          TEXT PRIMARY KEY,
  what        TEXT NOT NULL,
  sent_sha256 TEXT NOT NULL,
  -- as it was sent, where it is short enough to say later what differs
  sent        TEXT,
  answer      TEXT NOT NULL CHECK (json_valid(answer)),
  at          TEXT NOT NULL
) STRICT;
CREATE INDEX deliveries_by_age ON deliveries (at);
