-- People who may sign in.
CREATE TABLE account (
  id            BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  login         VARCHAR(40)  NOT NULL,
  name          VARCHAR(80)  NOT NULL,
  password_hash VARCHAR(200) NOT NULL,
  units         VARCHAR(8)   NOT NULL,
  created_at    DATETIME(3)  NOT NULL,
  CONSTRAINT account_login UNIQUE (login),
  CONSTRAINT account_units CHECK (units IN ('METRIC', 'INCH'))
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;
