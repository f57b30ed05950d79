-- How the starts of a drilled round came out; absent where nobody counted.
ALTER TABLE roll ADD COLUMN starts_kept INTEGER;
ALTER TABLE roll ADD COLUMN starts_lost INTEGER;
