-- What was asked for once with an id of the browser's own: sent again, it is the same thing.
CREATE TABLE request_once (
  id      CHAR(36)    NOT NULL PRIMARY KEY,
  digest  CHAR(64)    NOT NULL,
  result  BIGINT      NULL,
  made_by VARCHAR(40) NOT NULL,
  at      DATETIME(3) NOT NULL,
  INDEX request_once_by_time (at)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;
