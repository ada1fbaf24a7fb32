-- The shop's own steels; the shipped ones come with the release and are in no table. The document is
-- what the smith knows of it, everything else is worked out from that. An unlisted steel is no longer
-- offered, but plans that use it still find it.
CREATE TABLE own_steel (
  id         BIGINT      NOT NULL AUTO_INCREMENT PRIMARY KEY,
  short_name VARCHAR(40) NOT NULL,
  known      LONGTEXT    NOT NULL,
  known_format INT       NOT NULL,
  listed     BOOLEAN     NOT NULL DEFAULT TRUE,
  version    INT         NOT NULL,
  changed_at DATETIME(3) NOT NULL,
  CONSTRAINT own_steel_name UNIQUE (short_name),
  CONSTRAINT own_steel_known_is_json CHECK (JSON_VALID(known))
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_bin;
