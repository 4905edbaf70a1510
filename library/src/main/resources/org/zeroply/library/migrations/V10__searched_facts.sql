-- The same of facts that take a search: these are looked for at some plies only, where all else that
-- was asked held. The version tells what they mean, which engine searched, and how long.
CREATE TABLE searched_trail (
  kind    TEXT    NOT NULL,
  trait   TEXT    NOT NULL,
  number  INTEGER NOT NULL REFERENCES game_line (number) ON DELETE CASCADE,
  version TEXT    NOT NULL,
  looked  BLOB    NOT NULL,
  white   BLOB    NOT NULL,
  black   BLOB    NOT NULL,
  both    BLOB    NOT NULL,
  PRIMARY KEY (kind, trait, number)
) WITHOUT ROWID;
CREATE INDEX searched_trail_by_game ON searched_trail (number);
