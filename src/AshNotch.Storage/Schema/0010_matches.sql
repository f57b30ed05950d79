-- Days of matches and rules of one's own, each a document of the open form.
CREATE TABLE match_day (
  id       TEXT PRIMARY KEY,
  document TEXT NOT NULL
) STRICT, WITHOUT ROWID;
CREATE TABLE ruleset (
  id       TEXT PRIMARY KEY,
  document TEXT NOT NULL
) STRICT, WITHOUT ROWID;

CREATE TRIGGER match_day_added AFTER INSERT ON match_day BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;
CREATE TRIGGER match_day_changed AFTER UPDATE ON match_day BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;
CREATE TRIGGER match_day_dropped AFTER DELETE ON match_day BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;
CREATE TRIGGER ruleset_added AFTER INSERT ON ruleset BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;
CREATE TRIGGER ruleset_changed AFTER UPDATE ON ruleset BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;
CREATE TRIGGER ruleset_dropped AFTER DELETE ON ruleset BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;

-- What a match was part of, and what its referee said; lines of a score that were overruled.
ALTER TABLE roll ADD COLUMN event TEXT;
ALTER TABLE roll ADD COLUMN division TEXT;
ALTER TABLE roll ADD COLUMN official TEXT;
ALTER TABLE notch ADD COLUMN rulings TEXT;
ALTER TABLE practitioner ADD COLUMN category TEXT;

-- An import may bring these, too.
CREATE TABLE import_change_now (
  import INTEGER NOT NULL REFERENCES import (key) ON DELETE CASCADE,
  what   TEXT NOT NULL CHECK (what IN ('roll', 'session', 'partner', 'practitioner', 'name', 'focus', 'week', 'block', 'drilled', 'rating',
                                       'matchday', 'ruleset')),
  id     TEXT NOT NULL,
  before TEXT,
  after  TEXT NOT NULL,
  PRIMARY KEY (import, what, id)
) STRICT, WITHOUT ROWID;
INSERT INTO import_change_now SELECT import, what, id, before, after FROM import_change;
DROP TABLE import_change;
ALTER TABLE import_change_now RENAME TO import_change;
