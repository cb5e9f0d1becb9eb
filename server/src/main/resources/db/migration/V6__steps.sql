-- What the upgrade before this one has rewritten.
ALTER TABLE journal_entry DROP COLUMN name;
ALTER TABLE journal_entry DROP COLUMN edit;
ALTER TABLE journal_entry DROP COLUMN before_doc;
ALTER TABLE journal_entry DROP COLUMN after_doc;
