-- Order of pages and entries as rows; what changed last of each; steps of the history as what they touched.
ALTER TABLE piece ADD COLUMN look_revision BIGINT NOT NULL DEFAULT 0;
ALTER TABLE page ADD COLUMN position BIGINT NOT NULL DEFAULT 0;
ALTER TABLE page ADD COLUMN revision BIGINT NOT NULL DEFAULT 0;
ALTER TABLE journal_entry ADD COLUMN said VARCHAR(1000) NULL;
ALTER TABLE journal_entry ADD COLUMN step LONGTEXT NULL;

CREATE TABLE entry (
  id CHAR(36) NOT NULL PRIMARY KEY,
  piece_id CHAR(36) NOT NULL,
  position BIGINT NOT NULL,
  content LONGTEXT NOT NULL,
  CONSTRAINT entry_of_piece FOREIGN KEY (piece_id) REFERENCES piece (id) ON DELETE CASCADE
) ENGINE = InnoDB;

CREATE INDEX entry_by_piece ON entry (piece_id, position);
CREATE INDEX page_in_order ON page (piece_id, position);
