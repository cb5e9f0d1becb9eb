-- What a photo is about; null until it has been looked at.
ALTER TABLE photo ADD COLUMN subject VARCHAR(4000) NULL;
