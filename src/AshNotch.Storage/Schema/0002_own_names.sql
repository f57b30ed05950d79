-- Names the user gave: another name for a move or position of ours, or, with a kind, a move of their own. Newest wins over older.
CREATE TABLE own_name (
  name TEXT PRIMARY KEY COLLATE NOCASE CHECK (length(name) > 0),
  id   TEXT NOT NULL CHECK (length(id) > 0),
  kind TEXT
) STRICT;
