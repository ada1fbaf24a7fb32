-- What is wrong on purpose in a practice run, whether every joint came out sound, and the joint whose
-- cause the person named who had looked at it.
ALTER TABLE fire_session
  ADD COLUMN drill VARCHAR(16) NULL,
  ADD COLUMN sound BOOLEAN     NULL;
ALTER TABLE fire_billet
  ADD COLUMN named_joint INT         NULL,
  ADD COLUMN named_cause VARCHAR(16) NULL;
