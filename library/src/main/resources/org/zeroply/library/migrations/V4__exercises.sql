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

-- What a student is to solve, and how far that has come. The board may be turned over.
CREATE TABLE assignment (
  id          INTEGER PRIMARY KEY,
  uuid        TEXT    NOT NULL UNIQUE,
  student_id  INTEGER NOT NULL REFERENCES student (id),
  exercise_id INTEGER NOT NULL REFERENCES sheet (id),
  clothes     TEXT    NOT NULL,
  due_day     INTEGER NOT NULL,
  minutes     INTEGER NOT NULL,
  reason      TEXT    NOT NULL,
  state       TEXT    NOT NULL CHECK (state IN ('assigned', 'opened', 'done', 'marked')),
  attempt     TEXT    NOT NULL DEFAULT ''
);
CREATE INDEX assignment_by_student ON assignment (student_id, due_day);
