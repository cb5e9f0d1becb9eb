-- What the shelf tells of a piece stands in its row, so that the shelf does not count through all pages and entries.
ALTER TABLE piece ADD COLUMN page_count INT NOT NULL DEFAULT 0;
ALTER TABLE piece ADD COLUMN entry_count INT NOT NULL DEFAULT 0;
ALTER TABLE piece ADD COLUMN cover_id CHAR(36) NULL;
UPDATE piece SET page_count = (SELECT COUNT(*) FROM page WHERE page.piece_id = piece.id);
UPDATE piece SET entry_count = (SELECT COUNT(*) FROM entry WHERE entry.piece_id = piece.id);
UPDATE piece SET cover_id = (SELECT id FROM page WHERE page.piece_id = piece.id ORDER BY position LIMIT 1);
