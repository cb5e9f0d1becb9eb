-- What of the piece a file shows, so that a person is told when the piece has changed since.
ALTER TABLE make_job ADD COLUMN revision BIGINT NULL;
