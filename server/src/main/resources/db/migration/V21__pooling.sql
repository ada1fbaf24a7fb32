-- Records of other shops, as files that were given (docs/formats/welds.md). None is counted before someone
-- says so. Of one shop at most one is counted: used is set for the newest that was chosen.
CREATE TABLE pooled_record (
  id        BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  shop_code VARCHAR(36)  NOT NULL,
  name      VARCHAR(120) NOT NULL,
  welds     LONGTEXT     NOT NULL,
  used      BOOLEAN      NOT NULL DEFAULT FALSE,
  deleted   BOOLEAN      NOT NULL DEFAULT FALSE,
  added_at  DATETIME(3)  NOT NULL,
  added_by  BIGINT       NOT NULL,
  CONSTRAINT pooled_record_by FOREIGN KEY (added_by) REFERENCES account (id),
  CONSTRAINT pooled_record_is_json CHECK (JSON_VALID(welds))
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;

-- What this shop is called in files it gives to others: drawn at random when the first is made; one row.
CREATE TABLE shop_code (
  id   TINYINT     NOT NULL PRIMARY KEY DEFAULT 1,
  code VARCHAR(36) NOT NULL,
  CONSTRAINT shop_code_is_one CHECK (id = 1)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_bin;
