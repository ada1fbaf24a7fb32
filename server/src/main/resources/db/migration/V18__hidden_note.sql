-- Notes a smith chose not to see again: of one billet, or of all where there is no billet.
CREATE TABLE hidden_note (
  id        BIGINT      NOT NULL AUTO_INCREMENT PRIMARY KEY,
  billet_id BIGINT      NULL,
  family    VARCHAR(60) NOT NULL,
  hidden_by BIGINT      NOT NULL,
  hidden_at DATETIME(3) NOT NULL,
  CONSTRAINT hidden_note_billet FOREIGN KEY (billet_id) REFERENCES billet (id),
  CONSTRAINT hidden_note_by FOREIGN KEY (hidden_by) REFERENCES account (id),
  INDEX hidden_note_of (billet_id, family)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;
