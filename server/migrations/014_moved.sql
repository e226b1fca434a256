-- Jobs that were just handed back and not judged since: none of them is found without reading those of ten years.
CREATE INDEX heads_moved ON heads (number) WHERE closed = 1 AND is_out IS NULL AND line IS NOT NULL;
