-- That papers are written in for an owner, by the name that the shop gave it; NULL: as the shop writes.
ALTER TABLE customers ADD COLUMN language TEXT;
