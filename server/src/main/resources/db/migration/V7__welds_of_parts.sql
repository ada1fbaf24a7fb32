-- A weld can belong to a step of a part: its key is then a path of part names and the step's key.
-- The steels it joined are kept with it, because the plan may change afterwards.
ALTER TABLE weld
  MODIFY step_key VARCHAR(120) NOT NULL,
  ADD COLUMN steels VARCHAR(400) NOT NULL DEFAULT '';
