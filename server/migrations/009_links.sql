-- A question that was answered by a newer one: its link says so.
ALTER TABLE quotes ADD COLUMN closed_at TEXT;
