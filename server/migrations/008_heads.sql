-- What Today and the lists show of each job, so that nobody has to judge ten years of jobs to see this morning's. The log stays the
-- only truth: a line is what was judged when its stamp was taken, and is judged again when the stamp no longer fits.
CREATE TABLE heads (
  job_id     TEXT PRIMARY KEY REFERENCES jobs (id),
  number     INTEGER NOT NULL UNIQUE,
  machine_id TEXT NOT NULL,
  closed     INTEGER NOT NULL DEFAULT 0 CHECK (closed IN (0, 1)),
  -- handed back not to be run; null until it was judged
  is_out     INTEGER CHECK (is_out IN (0, 1)),
  stamp      TEXT NOT NULL DEFAULT '',
  line       TEXT CHECK (line IS NULL OR json_valid(line)),
  -- signs of the catalogue that a named job shows
  signs      TEXT CHECK (signs IS NULL OR json_valid(signs))
) STRICT;
CREATE INDEX heads_open ON heads (closed, number);
CREATE INDEX heads_out ON heads (is_out, number);
CREATE INDEX heads_of_machine ON heads (machine_id, number);
CREATE INDEX heads_unjudged ON heads (number) WHERE line IS NULL;

CREATE TRIGGER head_of_job AFTER INSERT ON jobs
BEGIN INSERT INTO heads (job_id, number, machine_id) VALUES (NEW.id, NEW.number, NEW.machine_id); END;

CREATE TRIGGER head_is_moved AFTER INSERT ON entries WHEN NEW.kind IN ('hand_back', 'void')
BEGIN
  UPDATE heads
  SET    is_out = NULL,
         closed = EXISTS (
           SELECT 1 FROM entries e
           WHERE  e.kind = 'hand_back' AND e.job_id = NEW.job_id
             AND  NOT EXISTS (SELECT 1 FROM entries l WHERE l.supersedes = e.id))
  WHERE  job_id = NEW.job_id;
END;

INSERT INTO heads (job_id, number, machine_id, closed)
SELECT j.id, j.number, j.machine_id, EXISTS (
         SELECT 1 FROM entries e
         WHERE  e.kind = 'hand_back' AND e.job_id = j.id
           AND  NOT EXISTS (SELECT 1 FROM entries l WHERE l.supersedes = e.id))
FROM   jobs j;

-- What jobs really were: a row for each cause that was proved or probable, and one without a cause for the job itself.
CREATE TABLE named_jobs (
  job_id       TEXT NOT NULL REFERENCES jobs (id),
  cause_id     TEXT NOT NULL,
  number       INTEGER NOT NULL,
  engine_class TEXT NOT NULL,
  cycle        TEXT NOT NULL,
  PRIMARY KEY (job_id, cause_id)
) STRICT, WITHOUT ROWID;
CREATE INDEX named_by_cycle ON named_jobs (cause_id, cycle, number);
CREATE TABLE cause_counts (
  engine_class TEXT NOT NULL,
  cause_id     TEXT NOT NULL,
  n            INTEGER NOT NULL,
  PRIMARY KEY (engine_class, cause_id)
) STRICT, WITHOUT ROWID;
CREATE TRIGGER cause_is_counted AFTER INSERT ON named_jobs
BEGIN
  INSERT INTO cause_counts VALUES (NEW.engine_class, NEW.cause_id, 1)
  ON CONFLICT (engine_class, cause_id) DO UPDATE SET n = n + 1;
END;
CREATE TRIGGER cause_is_taken_back AFTER DELETE ON named_jobs
BEGIN UPDATE cause_counts SET n = n - 1 WHERE engine_class = OLD.engine_class AND cause_id = OLD.cause_id; END;

-- what stands of the words on causes, as rows of `named_jobs`
CREATE VIEW causes_standing AS
SELECT e.job_id, j.number, json_extract(g.facts, '$.engineClass') AS engine_class, json_extract(g.facts, '$.cycle') AS cycle,
       CASE WHEN json_extract(e.body, '$.proof') IN ('proved', 'probable') THEN json_extract(e.body, '$.causeId') END AS cause_id
FROM   entries e
JOIN   jobs j ON j.id = e.job_id
JOIN   engines g ON g.machine_id = j.machine_id
WHERE  e.kind = 'cause_found' AND NOT EXISTS (SELECT 1 FROM entries l WHERE l.supersedes = e.id);

CREATE TRIGGER job_is_named AFTER INSERT ON entries WHEN NEW.kind IN ('cause_found', 'void')
BEGIN
  DELETE FROM named_jobs WHERE job_id = NEW.job_id;
  INSERT INTO named_jobs
  SELECT DISTINCT job_id, '', number, engine_class, cycle FROM causes_standing WHERE job_id = NEW.job_id
  UNION
  SELECT DISTINCT job_id, cause_id, number, engine_class, cycle FROM causes_standing WHERE job_id = NEW.job_id AND cause_id IS NOT NULL;
END;
CREATE TRIGGER engine_is_another AFTER UPDATE OF facts ON engines
BEGIN
  DELETE FROM named_jobs WHERE job_id IN (SELECT id FROM jobs WHERE machine_id = NEW.machine_id);
  INSERT INTO named_jobs
  SELECT DISTINCT job_id, '', number, engine_class, cycle FROM causes_standing
  WHERE  job_id IN (SELECT id FROM jobs WHERE machine_id = NEW.machine_id)
  UNION
  SELECT DISTINCT job_id, cause_id, number, engine_class, cycle FROM causes_standing
  WHERE  job_id IN (SELECT id FROM jobs WHERE machine_id = NEW.machine_id) AND cause_id IS NOT NULL;
END;
INSERT INTO named_jobs
SELECT DISTINCT job_id, '', number, engine_class, cycle FROM causes_standing WHERE engine_class IS NOT NULL AND cycle IS NOT NULL
UNION
SELECT DISTINCT job_id, cause_id, number, engine_class, cycle FROM causes_standing
WHERE  cause_id IS NOT NULL AND engine_class IS NOT NULL AND cycle IS NOT NULL;

-- Complaints by what they are about, newest first.
CREATE INDEX complaints_about ON entries (json_extract(body, '$.about'), seq) WHERE kind = 'complaint';
CREATE INDEX entries_of_kind_seq ON entries (kind, seq);

-- Everything that is found by its words; a row is a job and its number, so that the newest come first without being ranked.
CREATE VIRTUAL TABLE found_jobs USING fts5 (words, tokenize = "unicode61 remove_diacritics 2", prefix = '2 3');
CREATE VIRTUAL TABLE found_machines USING fts5 (machine_id UNINDEXED, words, tokenize = "unicode61 remove_diacritics 2", prefix = '2 3');

-- what an entry says in words: no ids, no answers that were chosen
CREATE VIEW entry_words AS
SELECT e.seq, e.job_id,
       (SELECT group_concat(t.value, ' ') FROM json_tree(e.body) t
        WHERE  t.type = 'text' AND (t.parent IS NULL OR t.key IN
               ('words', 'text', 'what', 'why', 'name', 'note', 'supplier', 'number', 'batch', 'from', 'shop', 'risk', 'answer', 'since', 'cover', 'caption'))) AS words
FROM   entries e;

CREATE TRIGGER job_is_found AFTER INSERT ON jobs
BEGIN
  INSERT INTO found_jobs (rowid, words)
  SELECT NEW.number, 'T' || NEW.number || ' ' || NEW.number || ' ' || m.name || ' ' || COALESCE(m.serial, '') || ' ' || c.name
  FROM   machines m JOIN customers c ON c.id = m.customer_id
  WHERE  m.id = NEW.machine_id;
END;
CREATE TRIGGER entry_is_found AFTER INSERT ON entries
WHEN (SELECT words FROM entry_words WHERE seq = NEW.seq) IS NOT NULL
BEGIN
  UPDATE found_jobs SET words = words || ' ' || (SELECT words FROM entry_words WHERE seq = NEW.seq)
  WHERE  rowid = (SELECT number FROM jobs WHERE id = NEW.job_id);
END;
CREATE TRIGGER machine_is_found AFTER INSERT ON machines
BEGIN
  INSERT INTO found_machines (machine_id, words)
  SELECT NEW.id, NEW.name || ' ' || COALESCE(NEW.serial, '') || ' ' || c.name FROM customers c WHERE c.id = NEW.customer_id;
END;
-- a new name is found beside the old one: what was written on a tag stays true
CREATE TRIGGER machine_is_renamed AFTER UPDATE OF name, serial ON machines
WHEN NEW.name <> OLD.name OR COALESCE(NEW.serial, '') <> COALESCE(OLD.serial, '')
BEGIN
  UPDATE found_machines SET words = words || ' ' || NEW.name || ' ' || COALESCE(NEW.serial, '')
  WHERE  rowid IN (SELECT rowid FROM found_machines WHERE machine_id = NEW.id);
  UPDATE found_jobs SET words = words || ' ' || NEW.name || ' ' || COALESCE(NEW.serial, '')
  WHERE  rowid IN (SELECT number FROM jobs WHERE machine_id = NEW.id);
END;
CREATE TRIGGER owner_is_renamed AFTER UPDATE OF name ON customers WHEN NEW.name <> OLD.name
BEGIN
  UPDATE found_machines SET words = words || ' ' || NEW.name
  WHERE  machine_id IN (SELECT id FROM machines WHERE customer_id = NEW.id);
  UPDATE found_jobs SET words = words || ' ' || NEW.name
  WHERE  rowid IN (SELECT j.number FROM jobs j JOIN machines m ON m.id = j.machine_id WHERE m.customer_id = NEW.id);
END;

INSERT INTO found_jobs (rowid, words)
SELECT j.number,
       'T' || j.number || ' ' || j.number || ' ' || m.name || ' ' || COALESCE(m.serial, '') || ' ' || c.name || ' ' ||
       COALESCE((SELECT group_concat(w.words, ' ') FROM entry_words w WHERE w.job_id = j.id), '')
FROM   jobs j
JOIN   machines m ON m.id = j.machine_id
JOIN   customers c ON c.id = m.customer_id;
INSERT INTO found_machines (machine_id, words)
SELECT m.id, m.name || ' ' || COALESCE(m.serial, '') || ' ' || c.name FROM machines m JOIN customers c ON c.id = m.customer_id;
