-- Work on each bar before it can be cut, minutes; NULL where there is none.
ALTER TABLE stock ADD COLUMN prep_minutes DOUBLE NULL;
