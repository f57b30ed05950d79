-- What was changed in the log, in order, so that who holds it in memory reads anew only that. Drafts and settings are no part of it.
CREATE TABLE log_change (
  version INTEGER PRIMARY KEY AUTOINCREMENT,
  what    TEXT NOT NULL CHECK (what IN ('session', 'people', 'names', 'focus', 'all')),
  id      TEXT
) STRICT;
INSERT INTO log_change (what) VALUES ('all');

CREATE TRIGGER roll_added AFTER INSERT ON roll BEGIN
  INSERT INTO log_change (what, id) VALUES ('session', NEW.session_id);
END;
CREATE TRIGGER roll_changed AFTER UPDATE ON roll BEGIN
  INSERT INTO log_change (what, id) VALUES ('session', NEW.session_id);
  INSERT INTO log_change (what, id) SELECT 'session', OLD.session_id WHERE OLD.session_id IS NOT NEW.session_id;
END;
CREATE TRIGGER roll_dropped AFTER DELETE ON roll BEGIN
  INSERT INTO log_change (what, id) VALUES ('session', OLD.session_id);
END;
CREATE TRIGGER session_added AFTER INSERT ON session BEGIN
  INSERT INTO log_change (what, id) VALUES ('session', NEW.id);
END;
CREATE TRIGGER session_changed AFTER UPDATE ON session BEGIN
  INSERT INTO log_change (what, id) VALUES ('session', NEW.id);
END;
CREATE TRIGGER session_dropped AFTER DELETE ON session BEGIN
  INSERT INTO log_change (what, id) VALUES ('session', OLD.id);
END;
CREATE TRIGGER partner_added AFTER INSERT ON partner BEGIN
  INSERT INTO log_change (what, id) VALUES ('people', NEW.id);
END;
CREATE TRIGGER partner_changed AFTER UPDATE ON partner BEGIN
  INSERT INTO log_change (what, id) VALUES ('people', NEW.id);
END;
CREATE TRIGGER partner_dropped AFTER DELETE ON partner BEGIN
  INSERT INTO log_change (what, id) VALUES ('people', OLD.id);
END;
CREATE TRIGGER practitioner_added AFTER INSERT ON practitioner BEGIN
  INSERT INTO log_change (what) VALUES ('people');
END;
CREATE TRIGGER practitioner_changed AFTER UPDATE ON practitioner BEGIN
  INSERT INTO log_change (what) VALUES ('people');
END;
CREATE TRIGGER practitioner_dropped AFTER DELETE ON practitioner BEGIN
  INSERT INTO log_change (what) VALUES ('people');
END;
CREATE TRIGGER practitioner_then_changed AFTER UPDATE ON practitioner_history BEGIN
  INSERT INTO log_change (what) VALUES ('people');
END;
CREATE TRIGGER focus_added AFTER INSERT ON focus BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;
CREATE TRIGGER focus_changed AFTER UPDATE ON focus BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;
CREATE TRIGGER focus_dropped AFTER DELETE ON focus BEGIN
  INSERT INTO log_change (what) VALUES ('focus');
END;
CREATE TRIGGER own_name_added AFTER INSERT ON own_name BEGIN
  INSERT INTO log_change (what) VALUES ('names');
END;
CREATE TRIGGER own_name_changed AFTER UPDATE ON own_name BEGIN
  INSERT INTO log_change (what) VALUES ('names');
END;
CREATE TRIGGER own_name_dropped AFTER DELETE ON own_name BEGIN
  INSERT INTO log_change (what) VALUES ('names');
END;

-- Every earlier form of a partner, as a document of the open JSON form.
CREATE TABLE partner_history (
  key        INTEGER PRIMARY KEY,
  partner    TEXT NOT NULL,
  changed_at TEXT NOT NULL,
  document   TEXT NOT NULL
) STRICT;
CREATE INDEX partner_history_by_partner ON partner_history (partner, key);

-- What was taken in from files, and what undoes it: before is null where there was nothing.
CREATE TABLE import (
  key       INTEGER PRIMARY KEY,
  at        TEXT NOT NULL,
  summary   TEXT NOT NULL,
  undone_at TEXT
) STRICT;
CREATE TABLE import_change (
  import INTEGER NOT NULL REFERENCES import (key) ON DELETE CASCADE,
  what   TEXT NOT NULL CHECK (what IN ('roll', 'session', 'partner', 'practitioner', 'name', 'focus')),
  id     TEXT NOT NULL,
  before TEXT,
  after  TEXT NOT NULL,
  PRIMARY KEY (import, what, id)
) STRICT, WITHOUT ROWID;

CREATE INDEX roll_deleted ON roll (deleted_at) WHERE deleted_at IS NOT NULL;
