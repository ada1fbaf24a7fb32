-- Bars on the shelf.
CREATE TABLE stock (
  id           BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  steel        VARCHAR(40)  NOT NULL,
  width_mm     DOUBLE       NOT NULL,
  thickness_mm DOUBLE       NOT NULL,
  length_mm    DOUBLE       NOT NULL,
  pieces       INT          NOT NULL,
  price        DOUBLE       NULL,
  price_per    VARCHAR(8)   NULL,
  source       VARCHAR(200) NOT NULL,
  note         VARCHAR(500) NOT NULL,
  version      INT          NOT NULL,
  on_shelf     BOOLEAN      NOT NULL DEFAULT TRUE,
  CONSTRAINT stock_price CHECK ((price IS NULL) = (price_per IS NULL)),
  INDEX stock_by_steel (steel)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_bin;
