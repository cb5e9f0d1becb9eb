-- Which window made the last change, so that other processes tell all windows but that one.
ALTER TABLE piece ADD COLUMN changed_by VARCHAR(100) NULL;
CREATE INDEX piece_changed ON piece (changed_at);
