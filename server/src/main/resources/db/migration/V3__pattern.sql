-- Patterns that were kept or imported; those that ship are files of the application.
CREATE TABLE pattern (
  id CHAR(36) NOT NULL PRIMARY KEY,
  name VARCHAR(255) NOT NULL,
  content LONGTEXT NOT NULL,
  created_at DATETIME(6) NOT NULL
) ENGINE = InnoDB;
