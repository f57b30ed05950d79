-- How areas were rated, one score a day each.
CREATE TABLE rating (
  area  TEXT NOT NULL,
  date  TEXT NOT NULL,
  score INTEGER NOT NULL CHECK (score BETWEEN 0 AND 10),
  PRIMARY KEY (area, date)
) STRICT, WITHOUT ROWID;

CREATE TRIGGER rating_added AFTER INSERT ON rating BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;
CREATE TRIGGER rating_changed AFTER UPDATE ON rating BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;
CREATE TRIGGER rating_dropped AFTER DELETE ON rating BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;

-- An import may bring these, too.
CREATE TABLE import_change_now (
  import INTEGER NOT NULL REFERENCES import (key) ON DELETE CASCADE,
  what   TEXT NOT NULL CHECK (what IN ('roll', 'session', 'partner', 'practitioner', 'name', 'focus', 'week', 'block', 'drilled', 'rating')),
  id     TEXT NOT NULL,
  before TEXT,
  after  TEXT NOT NULL,
  PRIMARY KEY (import, what, id)
) STRICT, WITHOUT ROWID;
INSERT INTO import_change_now SELECT import, what, id, before, after FROM import_change;
DROP TABLE import_change;
ALTER TABLE import_change_now RENAME TO import_change;
