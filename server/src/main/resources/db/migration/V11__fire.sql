-- Sessions at the fire. Nothing here is ever changed in place but the ends: what was done stands in
-- fire_entry, one row for each tap, with an id made where it was tapped, so that it can be sent twice.
CREATE TABLE fire_session (
  id         BIGINT      NOT NULL AUTO_INCREMENT PRIMARY KEY,
  started_at DATETIME(3) NOT NULL,
  ended_at   DATETIME(3) NULL,
  thinned    BOOLEAN     NOT NULL DEFAULT FALSE,
  rehearsal  BOOLEAN     NOT NULL,
  speed      DOUBLE      NOT NULL,
  started_by BIGINT      NOT NULL,
  CONSTRAINT fire_session_by FOREIGN KEY (started_by) REFERENCES account (id),
  INDEX fire_session_open (ended_at, started_at)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

-- The heat plan is kept as it was when the session began, because the billet's plan may change.
CREATE TABLE fire_billet (
  session_id  BIGINT       NOT NULL,
  place       INT          NOT NULL,
  billet_id   BIGINT       NOT NULL,
  name        VARCHAR(120) NOT NULL,
  plan        MEDIUMTEXT   NOT NULL,
  plan_format INT          NOT NULL,
  PRIMARY KEY (session_id, place),
  CONSTRAINT fire_billet_session FOREIGN KEY (session_id) REFERENCES fire_session (id),
  CONSTRAINT fire_billet_billet FOREIGN KEY (billet_id) REFERENCES billet (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

CREATE TABLE fire_entry (
  seq        BIGINT        NOT NULL AUTO_INCREMENT PRIMARY KEY,
  session_id BIGINT        NOT NULL,
  id         CHAR(36)      NOT NULL,
  kind       VARCHAR(16)   NOT NULL,
  place      INT           NOT NULL,
  act        VARCHAR(16)   NULL,
  about      CHAR(36)      NULL,
  figure     DOUBLE        NULL,
  note       VARCHAR(2000) NOT NULL,
  at_s       DOUBLE        NOT NULL,
  done_at    DATETIME(3)   NOT NULL,
  kept_at    DATETIME(3)   NOT NULL,
  device     VARCHAR(40)   NOT NULL,
  made_by    BIGINT        NOT NULL,
  UNIQUE KEY fire_entry_once (session_id, id),
  CONSTRAINT fire_entry_session FOREIGN KEY (session_id) REFERENCES fire_session (id),
  CONSTRAINT fire_entry_by FOREIGN KEY (made_by) REFERENCES account (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

-- One reading a second and channel, seconds of the session.
CREATE TABLE fire_reading (
  session_id BIGINT      NOT NULL,
  channel    VARCHAR(8)  NOT NULL,
  second     INT         NOT NULL,
  figure     DOUBLE      NOT NULL,
  state      VARCHAR(16) NOT NULL,
  PRIMARY KEY (session_id, channel, second),
  CONSTRAINT fire_reading_session FOREIGN KEY (session_id) REFERENCES fire_session (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

-- A weld the fire's own record wrote into the Book.
ALTER TABLE weld
  ADD COLUMN fire_session BIGINT NULL,
  ADD COLUMN fire_entry CHAR(36) NULL,
  ADD CONSTRAINT weld_fire FOREIGN KEY (fire_session) REFERENCES fire_session (id),
  ADD UNIQUE KEY weld_of_entry (fire_session, fire_entry);

CREATE TABLE instrument (
  id         BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  name       VARCHAR(80)  NOT NULL,
  channel    VARCHAR(8)   NOT NULL,
  host       VARCHAR(120) NOT NULL,
  port       INT          NOT NULL,
  unit       INT          NOT NULL,
  registers  VARCHAR(16)  NOT NULL,
  address    INT          NOT NULL,
  format     VARCHAR(16)  NOT NULL,
  scale      DOUBLE       NOT NULL,
  shift      DOUBLE       NOT NULL,
  switched   BOOLEAN      NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;
