-- The side a focus is worked on; absent for both.
ALTER TABLE focus ADD COLUMN side TEXT;
