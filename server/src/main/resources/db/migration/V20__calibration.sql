-- What the shop has learned of its forge, gauge, dies and gaps: one row after each session that
-- showed something, and one without a session for a reset. The row that was chosen last (used_at) is what
-- plans are calculated with.
CREATE TABLE calibration (
  id            BIGINT      NOT NULL AUTO_INCREMENT PRIMARY KEY,
  session_id    BIGINT      NULL,
  calibrated_at DATETIME(3) NOT NULL,
  calibration   LONGTEXT    NOT NULL,
  used_at       DATETIME(3) NULL,
  CONSTRAINT calibration_session FOREIGN KEY (session_id) REFERENCES fire_session (id),
  CONSTRAINT calibration_is_json CHECK (JSON_VALID(calibration))
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_bin;

-- What a session began with, so that its log always comes out the same; and whether the shop has learned
-- from it.
ALTER TABLE fire_session
  ADD COLUMN calibration LONGTEXT NULL,
  ADD COLUMN calibrated  BOOLEAN  NOT NULL DEFAULT FALSE;
