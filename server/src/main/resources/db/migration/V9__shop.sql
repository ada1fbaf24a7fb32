-- The shop itself: forge, press, habits, limits, as one document; one row.
CREATE TABLE shop (
  id         TINYINT     NOT NULL PRIMARY KEY DEFAULT 1,
  shop       LONGTEXT    NOT NULL,
  version    INT         NOT NULL,
  changed_at DATETIME(3) NOT NULL,
  CONSTRAINT shop_is_one CHECK (id = 1),
  CONSTRAINT shop_is_json CHECK (JSON_VALID(shop))
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_bin;
