-- Welds that were made. step_title keeps what the step was when it was logged, because the plan may
-- change afterwards. A struck weld was logged by mistake; it is kept so that striking can be undone.
CREATE TABLE weld (
  id            BIGINT        NOT NULL AUTO_INCREMENT PRIMARY KEY,
  billet_id     BIGINT        NOT NULL,
  step_key      VARCHAR(16)   NOT NULL,
  step_title    VARCHAR(120)  NOT NULL,
  made_at       DATETIME(3)   NOT NULL,
  temperature_c DOUBLE        NOT NULL,
  school        VARCHAR(16)   NOT NULL,
  outcome       VARCHAR(16)   NOT NULL,
  note          VARCHAR(2000) NOT NULL,
  made_by       BIGINT        NOT NULL,
  struck        BOOLEAN       NOT NULL DEFAULT FALSE,
  CONSTRAINT weld_billet FOREIGN KEY (billet_id) REFERENCES billet (id),
  CONSTRAINT weld_made_by FOREIGN KEY (made_by) REFERENCES account (id),
  INDEX weld_by_billet (billet_id, made_at),
  INDEX weld_by_time (made_at)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;
