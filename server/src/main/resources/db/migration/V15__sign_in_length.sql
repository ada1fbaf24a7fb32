-- After how many days without use a sign-in ends, for each rank; the owner's choice.
CREATE TABLE sign_in_length (
  role VARCHAR(20) NOT NULL PRIMARY KEY,
  days SMALLINT    NOT NULL
) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci;
