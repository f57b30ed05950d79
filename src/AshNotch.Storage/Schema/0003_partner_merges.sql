-- Two records of one partner made one. What was merged can be taken apart again; rolls is a JSON array of the rolls that moved.
CREATE TABLE partner_merge (
  key         INTEGER PRIMARY KEY,
  gone        TEXT NOT NULL,
  gone_was    TEXT NOT NULL,
  kept        TEXT NOT NULL,
  kept_was    TEXT NOT NULL,
  rolls       TEXT NOT NULL,
  merged_at   TEXT NOT NULL,
  undone_at   TEXT
) STRICT;
