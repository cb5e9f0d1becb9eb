CREATE TABLE piece (
  id CHAR(36) NOT NULL PRIMARY KEY,
  revision BIGINT NOT NULL,
  journal_at BIGINT NOT NULL,
  head LONGTEXT NOT NULL,
  created_at DATETIME(6) NOT NULL,
  changed_at DATETIME(6) NOT NULL,
  deleted_at DATETIME(6) NULL
) ENGINE = InnoDB;

CREATE TABLE page (
  id CHAR(36) NOT NULL PRIMARY KEY,
  piece_id CHAR(36) NOT NULL,
  content LONGTEXT NOT NULL,
  CONSTRAINT page_of_piece FOREIGN KEY (piece_id) REFERENCES piece (id) ON DELETE CASCADE
) ENGINE = InnoDB;

CREATE TABLE journal_entry (
  piece_id CHAR(36) NOT NULL,
  seq BIGINT NOT NULL,
  name VARCHAR(200) NOT NULL,
  batch VARCHAR(64) NULL,
  edit LONGTEXT NOT NULL,
  before_doc LONGTEXT NOT NULL,
  after_doc LONGTEXT NOT NULL,
  created_at DATETIME(6) NOT NULL,
  PRIMARY KEY (piece_id, seq),
  CONSTRAINT journal_of_piece FOREIGN KEY (piece_id) REFERENCES piece (id) ON DELETE CASCADE
) ENGINE = InnoDB;

CREATE TABLE photo (
  sha256 CHAR(64) NOT NULL PRIMARY KEY,
  format VARCHAR(8) NOT NULL,
  stored_width INT NOT NULL,
  stored_height INT NOT NULL,
  orientation INT NOT NULL,
  inks BOOLEAN NOT NULL,
  size_bytes BIGINT NOT NULL,
  file_name VARCHAR(400) NOT NULL,
  taken_at DATETIME(6) NULL,
  caption VARCHAR(2000) NOT NULL,
  added_at DATETIME(6) NOT NULL
) ENGINE = InnoDB;

CREATE TABLE make_job (
  id CHAR(36) NOT NULL PRIMARY KEY,
  piece_id CHAR(36) NOT NULL,
  state VARCHAR(16) NOT NULL,
  request LONGTEXT NOT NULL,
  share_done DOUBLE NOT NULL,
  doing VARCHAR(200) NOT NULL,
  cancel_asked BOOLEAN NOT NULL,
  file_name VARCHAR(400) NULL,
  message VARCHAR(1000) NULL,
  created_at DATETIME(6) NOT NULL,
  ended_at DATETIME(6) NULL,
  CONSTRAINT make_of_piece FOREIGN KEY (piece_id) REFERENCES piece (id) ON DELETE CASCADE
) ENGINE = InnoDB;

CREATE TABLE setting (
  name VARCHAR(64) NOT NULL PRIMARY KEY,
  content VARCHAR(1000) NOT NULL
) ENGINE = InnoDB;

CREATE TABLE scheduled_tasks (
  task_name VARCHAR(100) NOT NULL,
  task_instance VARCHAR(100) NOT NULL,
  task_data BLOB,
  execution_time TIMESTAMP(6) NOT NULL DEFAULT CURRENT_TIMESTAMP(6),
  picked BOOLEAN NOT NULL,
  picked_by VARCHAR(50),
  last_success TIMESTAMP(6) NULL,
  last_failure TIMESTAMP(6) NULL,
  consecutive_failures INT,
  last_heartbeat TIMESTAMP(6) NULL,
  version BIGINT NOT NULL,
  priority SMALLINT,
  PRIMARY KEY (task_name, task_instance)
) ENGINE = InnoDB;

CREATE INDEX page_by_piece ON page (piece_id);
CREATE INDEX make_by_piece ON make_job (piece_id, created_at);
CREATE INDEX tasks_by_time ON scheduled_tasks (execution_time);
