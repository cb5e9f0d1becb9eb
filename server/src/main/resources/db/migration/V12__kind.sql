-- What a piece is meant to be, as it was begun; nothing for those begun before.
ALTER TABLE piece ADD COLUMN kind VARCHAR(20) NULL;
