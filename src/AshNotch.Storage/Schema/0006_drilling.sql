-- The side a focus is worked on; absent for both.
ALTER TABLE focus ADD COLUMN side TEXT;

-- What is drilled, each a document of the open form.
CREATE TABLE week (
  key      INTEGER PRIMARY KEY CHECK (key = 1),
  document TEXT NOT NULL
) STRICT;
CREATE TABLE block (
  id       TEXT PRIMARY KEY,
  document TEXT NOT NULL
) STRICT, WITHOUT ROWID;
CREATE TABLE drilled (
  block    TEXT NOT NULL,
  date     TEXT NOT NULL,
  document TEXT NOT NULL,
  PRIMARY KEY (block, date)
) STRICT, WITHOUT ROWID;

CREATE TRIGGER week_added AFTER INSERT ON week BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;
CREATE TRIGGER week_changed AFTER UPDATE ON week BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;
CREATE TRIGGER week_dropped AFTER DELETE ON week BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;
CREATE TRIGGER block_added AFTER INSERT ON block BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;
CREATE TRIGGER block_changed AFTER UPDATE ON block BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;
CREATE TRIGGER block_dropped AFTER DELETE ON block BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;
CREATE TRIGGER drilled_added AFTER INSERT ON drilled BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;
CREATE TRIGGER drilled_changed AFTER UPDATE ON drilled BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;
CREATE TRIGGER drilled_dropped AFTER DELETE ON drilled BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;

-- An import may bring these, too.
CREATE TABLE import_change_now (
  import INTEGER NOT NULL REFERENCES import (key) ON DELETE CASCADE,
  what   TEXT NOT NULL CHECK (what IN ('roll', 'session', 'partner', 'practitioner', 'name', 'focus', 'week', 'block', 'drilled')),
  id     TEXT NOT NULL,
  before TEXT,
  after  TEXT NOT NULL,
  PRIMARY KEY (import, what, id)
) STRICT, WITHOUT ROWID;
INSERT INTO import_change_now SELECT import, what, id, before, after FROM import_change;
DROP TABLE import_change;
ALTER TABLE import_change_now RENAME TO import_change;
