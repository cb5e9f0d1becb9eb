-- What tells photos apart when some are chosen from many; computed when it is first asked for.
CREATE TABLE trait (
  sha256 CHAR(64) NOT NULL PRIMARY KEY,
  likeness BIGINT NOT NULL,
  crispness DOUBLE NOT NULL,
  CONSTRAINT trait_photo FOREIGN KEY (sha256) REFERENCES photo (sha256) ON DELETE CASCADE
) ENGINE = InnoDB;
