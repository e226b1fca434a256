-- A picture lies on disk under the hash of what it is; without one it lies under its own id, from before, until the next sweep.
ALTER TABLE photos ADD COLUMN sha256 TEXT;
-- the hash of what was sent, before it was turned and made smaller
ALTER TABLE photos ADD COLUMN sent_sha256 TEXT;
CREATE INDEX photos_by_hash ON photos (sha256);
