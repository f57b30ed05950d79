-- What a roll was meant for, the chances missed in it, and what was taught in a session.
ALTER TABLE roll ADD COLUMN intent TEXT;
ALTER TABLE roll ADD COLUMN missed TEXT;
ALTER TABLE session ADD COLUMN taught TEXT;
