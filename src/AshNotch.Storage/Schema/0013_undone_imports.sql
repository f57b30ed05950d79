-- What is left of an import that was taken back can be taken back later; until now nothing could.
DELETE FROM import_change WHERE import IN (SELECT key FROM import WHERE undone_at IS NOT NULL);
