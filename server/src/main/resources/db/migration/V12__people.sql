-- Until now whoever could sign in could do everything; so they are owners.
ALTER TABLE account
  ADD COLUMN role      VARCHAR(12) NOT NULL DEFAULT 'OWNER',
  ADD COLUMN may_enter BOOLEAN     NOT NULL DEFAULT TRUE;
