-- What a partner is owed: advice promised, with its days.
ALTER TABLE partner ADD COLUMN owed TEXT;
