-- The record of a log. Days are yyyy-mm-dd, terms are written as in the open JSON form, lists are JSON arrays; null is "not told".
CREATE TABLE practitioner (
  id           INTEGER PRIMARY KEY CHECK (id = 1),
  belt         TEXT,
  stripes      INTEGER CHECK (stripes BETWEEN 0 AND 6),
  weight_kg    REAL CHECK (weight_kg > 0),
  age_division TEXT,
  units        TEXT
) STRICT;

CREATE TABLE practitioner_history (
  ordinal      INTEGER PRIMARY KEY,
  since        TEXT NOT NULL,
  belt         TEXT,
  stripes      INTEGER,
  weight_kg    REAL,
  age_division TEXT
) STRICT;

CREATE TABLE partner (
  id          TEXT NOT NULL UNIQUE,
  name        TEXT NOT NULL CHECK (length(name) > 0),
  belt        TEXT,
  stripes     INTEGER CHECK (stripes BETWEEN 0 AND 6),
  weight_kg   REAL CHECK (weight_kg > 0),
  size        TEXT,
  traits      TEXT NOT NULL DEFAULT '[]',
  also_called TEXT NOT NULL DEFAULT '[]',
  notes       TEXT NOT NULL DEFAULT ''
) STRICT;

CREATE TABLE session (
  id         TEXT NOT NULL UNIQUE,
  date       TEXT,
  time       TEXT,
  kind       TEXT,
  attire     TEXT,
  notes      TEXT,
  has_state  INTEGER NOT NULL DEFAULT 0,
  energy     TEXT,
  sore       TEXT NOT NULL DEFAULT '[]',
  state_note TEXT
) STRICT;
CREATE INDEX session_by_date ON session (date);

CREATE TABLE roll (
  key               INTEGER PRIMARY KEY,
  id                TEXT NOT NULL UNIQUE,
  session_id        TEXT NOT NULL REFERENCES session (id),
  ordinal           INTEGER NOT NULL,
  partner_id        TEXT REFERENCES partner (id),
  partner_belt      TEXT,
  partner_stripes   INTEGER,
  partner_weight_kg REAL,
  partner_size      TEXT,
  kind              TEXT,
  intensity         TEXT,
  partner_intensity TEXT,
  minutes           REAL,
  planned_minutes   REAL,
  rules             TEXT,
  mission           TEXT,
  mission_checks    TEXT,
  partial           TEXT NOT NULL DEFAULT '[]',
  retelling         TEXT,
  notes             TEXT,
  deleted_at        TEXT
) STRICT;
CREATE INDEX roll_by_session ON roll (session_id, ordinal);
CREATE INDEX roll_by_partner ON roll (partner_id);

CREATE TABLE exchange (
  roll     INTEGER NOT NULL REFERENCES roll (key) ON DELETE CASCADE,
  ordinal  INTEGER NOT NULL,
  start    TEXT,
  ended_by TEXT,
  PRIMARY KEY (roll, ordinal)
) STRICT, WITHOUT ROWID;

CREATE TABLE notch (
  roll        INTEGER NOT NULL,
  exchange    INTEGER NOT NULL,
  ordinal     INTEGER NOT NULL,
  by          TEXT NOT NULL CHECK (by IN ('me', 'partner')),
  move        TEXT,
  from_place  TEXT,
  to_place    TEXT,
  outcome     TEXT NOT NULL CHECK (outcome IN ('threatened', 'stopped', 'abandoned', 'near', 'landed', 'tap')),
  side        TEXT,
  at_s        INTEGER,
  remaining_s INTEGER,
  given       TEXT,
  causes      TEXT,
  unsure      INTEGER NOT NULL DEFAULT 0,
  inferred    TEXT,
  note        TEXT,
  advice      TEXT,
  span_start  INTEGER,
  span_end    INTEGER,
  PRIMARY KEY (roll, exchange, ordinal),
  FOREIGN KEY (roll, exchange) REFERENCES exchange (roll, ordinal) ON DELETE CASCADE
) STRICT, WITHOUT ROWID;

CREATE TABLE takeaway (
  roll     INTEGER NOT NULL REFERENCES roll (key) ON DELETE CASCADE,
  ordinal  INTEGER NOT NULL,
  text     TEXT NOT NULL,
  exchange INTEGER,
  notch    INTEGER,
  PRIMARY KEY (roll, ordinal)
) STRICT, WITHOUT ROWID;

-- Every earlier form of a roll, as a document of the open JSON form.
CREATE TABLE roll_history (
  key        INTEGER PRIMARY KEY,
  roll       INTEGER NOT NULL REFERENCES roll (key) ON DELETE CASCADE,
  changed_at TEXT NOT NULL,
  change     TEXT NOT NULL CHECK (change IN ('edited', 'deleted', 'restored', 'imported')),
  document   TEXT NOT NULL
) STRICT;
CREATE INDEX roll_history_by_roll ON roll_history (roll, key);

CREATE TABLE focus (
  key        INTEGER PRIMARY KEY,
  from_place TEXT NOT NULL,
  by         TEXT NOT NULL CHECK (by IN ('me', 'partner')),
  move       TEXT,
  to_place   TEXT,
  chosen     TEXT NOT NULL,
  reason     TEXT
) STRICT;

CREATE TABLE draft (
  id         TEXT PRIMARY KEY,
  body       TEXT NOT NULL,
  updated_at TEXT NOT NULL
) STRICT, WITHOUT ROWID;

CREATE TABLE setting (
  name  TEXT PRIMARY KEY,
  value TEXT NOT NULL
) STRICT, WITHOUT ROWID;
