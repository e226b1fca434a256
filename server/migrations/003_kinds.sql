-- what closed jobs really were, and jobs with the same complaint, are asked for with every job that is opened
CREATE INDEX entries_of_kind ON entries (kind, job_id);
