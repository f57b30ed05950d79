-- Whether a place was held and how long, and the penalties of a match; absent where nothing says so.
ALTER TABLE notch ADD COLUMN held INTEGER CHECK (held IN (0, 1));
ALTER TABLE notch ADD COLUMN held_s REAL CHECK (held_s >= 0);
ALTER TABLE roll ADD COLUMN penalties TEXT;
