-- What the coach decided otherwise about a marked answer stands beside what was marked.
ALTER TABLE attempt ADD COLUMN rulings TEXT NOT NULL DEFAULT '[]';
ALTER TABLE attempt ADD COLUMN self_marked INTEGER NOT NULL DEFAULT 0;

-- Games that were looked through for exercises, and by what.
CREATE TABLE game_search (
  sheet_id    INTEGER PRIMARY KEY REFERENCES sheet (id),
  stamp       TEXT    NOT NULL,
  searched_at TEXT    NOT NULL
);

-- Positions of games that are worth setting; what the coach made of them stays when a game is
-- looked through again.
CREATE TABLE find (
  id       INTEGER PRIMARY KEY,
  sheet_id INTEGER NOT NULL REFERENCES sheet (id),
  ply      INTEGER NOT NULL,
  rank     REAL    NOT NULL,
  prospect TEXT    NOT NULL,
  state    TEXT    NOT NULL DEFAULT 'open' CHECK (state IN ('open', 'set', 'put-away')),
  UNIQUE (sheet_id, ply)
);
CREATE INDEX find_by_rank ON find (state, rank);
