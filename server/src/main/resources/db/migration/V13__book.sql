-- How a weld was made, as far as anybody knows, and a version so that two windows do not overwrite
-- each other.
ALTER TABLE weld
  ADD COLUMN how     LONGTEXT NULL,
  ADD COLUMN version INT      NOT NULL DEFAULT 1;

-- What else is written in the Book: looks and flaws, decisions, measures, work after the weld. The
-- body is what was said, as one document; its shape follows the kind (docs/formats/book.md).
CREATE TABLE book_entry (
  id         BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  billet_id  BIGINT       NOT NULL,
  kind       VARCHAR(12)  NOT NULL,
  step_key   VARCHAR(120) NULL,
  step_title VARCHAR(160) NOT NULL,
  at         DATETIME(3)  NOT NULL,
  body       LONGTEXT     NOT NULL,
  version    INT          NOT NULL DEFAULT 1,
  struck     BOOLEAN      NOT NULL DEFAULT FALSE,
  made_by    BIGINT       NOT NULL,
  written_at DATETIME(3)  NOT NULL,
  CONSTRAINT book_entry_billet FOREIGN KEY (billet_id) REFERENCES billet (id),
  CONSTRAINT book_entry_by FOREIGN KEY (made_by) REFERENCES account (id),
  CONSTRAINT book_entry_is_json CHECK (JSON_VALID(body)),
  INDEX book_entry_by_billet (billet_id, at)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

-- What stood in the Book before it was changed: nothing is written over without a way back.
CREATE TABLE book_before (
  id         BIGINT      NOT NULL AUTO_INCREMENT PRIMARY KEY,
  weld_id    BIGINT      NULL,
  entry_id   BIGINT      NULL,
  version    INT         NOT NULL,
  was        LONGTEXT    NOT NULL,
  changed_by BIGINT      NOT NULL,
  changed_at DATETIME(3) NOT NULL,
  CONSTRAINT book_before_weld FOREIGN KEY (weld_id) REFERENCES weld (id),
  CONSTRAINT book_before_entry FOREIGN KEY (entry_id) REFERENCES book_entry (id),
  CONSTRAINT book_before_by FOREIGN KEY (changed_by) REFERENCES account (id),
  CONSTRAINT book_before_one CHECK ((weld_id IS NULL) <> (entry_id IS NULL))
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

-- Photographs, painted anew from what was sent: no place, no maker, no more than was looked at.
CREATE TABLE photo (
  id        CHAR(36)     NOT NULL PRIMARY KEY,
  entry_id  BIGINT       NOT NULL,
  width_px  INT          NOT NULL,
  height_px INT          NOT NULL,
  jpeg      MEDIUMBLOB   NOT NULL,
  struck    BOOLEAN      NOT NULL DEFAULT FALSE,
  made_by   BIGINT       NOT NULL,
  made_at   DATETIME(3)  NOT NULL,
  CONSTRAINT photo_entry FOREIGN KEY (entry_id) REFERENCES book_entry (id),
  CONSTRAINT photo_by FOREIGN KEY (made_by) REFERENCES account (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

-- Shops kept before scale could be learnt lose what is reckoned.
UPDATE shop SET shop = JSON_INSERT(shop, '$.practice.scaleFactor', 1);
