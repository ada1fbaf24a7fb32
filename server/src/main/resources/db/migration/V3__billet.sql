-- A billet and its plan. The plan is one document: it is read and written whole, and its shape
-- follows the core's sealed operations (docs/decisions/0005-plans-as-documents.md).
CREATE TABLE billet (
  id          BIGINT       NOT NULL AUTO_INCREMENT PRIMARY KEY,
  name        VARCHAR(120) NOT NULL,
  purpose     VARCHAR(500) NOT NULL,
  plan        LONGTEXT     NOT NULL,
  plan_format INT          NOT NULL,
  version     INT          NOT NULL,
  created_at  DATETIME(3)  NOT NULL,
  changed_at  DATETIME(3)  NOT NULL,
  on_rack     BOOLEAN      NOT NULL DEFAULT TRUE,
  CONSTRAINT billet_plan_is_json CHECK (JSON_VALID(plan))
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;
