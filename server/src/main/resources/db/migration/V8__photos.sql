-- What more is known of a photo, and the name under which each piece brought it in.
ALTER TABLE photo ADD COLUMN zone_minutes INT NULL;
ALTER TABLE photo ADD COLUMN latitude DOUBLE NULL;
ALTER TABLE photo ADD COLUMN longitude DOUBLE NULL;
CREATE TABLE photo_name (
  piece_id CHAR(36) NOT NULL,
  sha256 CHAR(64) NOT NULL,
  file_name VARCHAR(400) NOT NULL,
  PRIMARY KEY (piece_id, sha256),
  CONSTRAINT photo_name_of_piece FOREIGN KEY (piece_id) REFERENCES piece (id) ON DELETE CASCADE
) ENGINE = InnoDB;
