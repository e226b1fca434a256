-- A question that the shop took back itself.
ALTER TABLE quotes ADD COLUMN withdrawn_by TEXT REFERENCES people (id);
-- A link stands nowhere in clear once it was shown.
UPDATE outbox
SET    text = substr(text, 1, instr(text, '/q/') + 2) || '…' || substr(text, instr(text, '/q/') + 46)
WHERE  instr(text, '/q/') > 0;
