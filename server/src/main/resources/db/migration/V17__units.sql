-- Quantities a person reads in another system than the rest, as {"TEMPERATURE": "METRIC"}; none for most.
ALTER TABLE account ADD COLUMN units_chosen VARCHAR(1000) NOT NULL DEFAULT '{}';
