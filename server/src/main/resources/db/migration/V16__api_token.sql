-- Tokens that scripts sign in with. Only the hash is kept: what is shown once cannot be read again.
CREATE TABLE api_token (
  id           BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  account_id   BIGINT       NOT NULL,
  name         VARCHAR(80)  NOT NULL,
  role         VARCHAR(12)  NOT NULL,
  hash         BINARY(32)   NOT NULL,
  created_at   DATETIME(3)  NOT NULL,
  last_used_at DATETIME(3)  NULL,
  revoked_at   DATETIME(3)  NULL,
  UNIQUE KEY api_token_hash (hash),
  CONSTRAINT api_token_account FOREIGN KEY (account_id) REFERENCES account (id)
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;
