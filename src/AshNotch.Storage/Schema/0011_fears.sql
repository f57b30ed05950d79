-- What the practitioner is afraid of, each a document of the open form.
CREATE TABLE fear (
  id       TEXT PRIMARY KEY,
  document TEXT NOT NULL
) STRICT, WITHOUT ROWID;

CREATE TRIGGER fear_added AFTER INSERT ON fear BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;
CREATE TRIGGER fear_changed AFTER UPDATE ON fear BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;
CREATE TRIGGER fear_dropped AFTER DELETE ON fear BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;

-- An import may bring these, too.
CREATE TABLE import_change_now (
  import INTEGER NOT NULL REFERENCES import (key) ON DELETE CASCADE,
  what   TEXT NOT NULL CHECK (what IN ('roll', 'session', 'partner', 'practitioner', 'name', 'focus', 'week', 'block', 'drilled', 'rating',
                                       'matchday', 'ruleset', 'fear')),
  id     TEXT NOT NULL,
  before TEXT,
  after  TEXT NOT NULL,
  PRIMARY KEY (import, what, id)
) STRICT, WITHOUT ROWID;
INSERT INTO import_change_now SELECT import, what, id, before, after FROM import_change;
DROP TABLE import_change;
ALTER TABLE import_change_now RENAME TO import_change;
