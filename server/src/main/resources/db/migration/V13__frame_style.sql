-- The library of frame styles: those that were kept or imported, for all pieces. Those that ship are computed for each page.
CREATE TABLE frame_style (
  id CHAR(36) NOT NULL PRIMARY KEY,
  content LONGTEXT NOT NULL,
  created_at DATETIME(6) NOT NULL
) ENGINE = InnoDB;
