-- Looks of whole pieces that were kept, for all pieces. Those that ship are computed for each piece.
CREATE TABLE theme (
  id CHAR(36) NOT NULL PRIMARY KEY,
  content LONGTEXT NOT NULL,
  created_at DATETIME(6) NOT NULL
) ENGINE = InnoDB;
