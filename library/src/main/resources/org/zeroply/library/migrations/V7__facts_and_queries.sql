-- At which plies of a game facts of a kind with a quality are told, by the version of what they
-- mean: bits, the first position first; of White, of Black and of both alike. Those of any quality
-- are there for every game that was looked at. A changed game gets a new number.
CREATE TABLE fact_trail (
  kind    TEXT    NOT NULL,
  trait   TEXT    NOT NULL,
  number  INTEGER NOT NULL REFERENCES game_line (number) ON DELETE CASCADE,
  version INTEGER NOT NULL,
  white   BLOB    NOT NULL,
  black   BLOB    NOT NULL,
  both    BLOB    NOT NULL,
  PRIMARY KEY (kind, trait, number)
) WITHOUT ROWID;
CREATE INDEX fact_trail_by_game ON fact_trail (number);

-- Questions to games that the coach has given a name.
CREATE TABLE kept_query (
  name    TEXT PRIMARY KEY,
  query   TEXT    NOT NULL,
  changed INTEGER NOT NULL
);

-- At which moves the review of a game stopped, and whom that teaches something.
CREATE TABLE review_moment (
  number INTEGER NOT NULL REFERENCES game_line (number) ON DELETE CASCADE,
  ply    INTEGER NOT NULL,
  kind   TEXT    NOT NULL,
  side   TEXT    NOT NULL CHECK (side IN ('white', 'black'))
);
CREATE INDEX review_moment_by_game ON review_moment (number);

-- Main lines once more, two bytes a move, of games that were looked through for positions: to find
-- the moves again from their places among the legal ones takes longer than everything else.
CREATE TABLE played_line (
  number INTEGER PRIMARY KEY REFERENCES game_line (number) ON DELETE CASCADE,
  moves  BLOB NOT NULL
);
