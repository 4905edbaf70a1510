-- What an engine found on a number of nodes, so that nothing is searched twice.
CREATE TABLE remembered_analysis (
  engine   TEXT    NOT NULL,
  position TEXT    NOT NULL,
  nodes    INTEGER NOT NULL,
  lines    INTEGER NOT NULL,
  analysis BLOB    NOT NULL,
  PRIMARY KEY (engine, position, nodes, lines)
) WITHOUT ROWID;

-- The queue of reviews: games waiting, and what came out of those that are done.
CREATE TABLE review (
  sheet_id    INTEGER PRIMARY KEY REFERENCES sheet (id),
  nodes       INTEGER NOT NULL,
  state       TEXT    NOT NULL CHECK (state IN ('waiting', 'done', 'failed')),
  place       INTEGER NOT NULL,
  moments     INTEGER NOT NULL DEFAULT 0,
  white_loss  REAL,
  black_loss  REAL,
  problem     TEXT    NOT NULL DEFAULT '',
  changed_at  TEXT    NOT NULL
);

-- What the coach decided about a moment, and the coach's own words for it. They hold for the move,
-- whatever a later review calls the moment.
CREATE TABLE moment_note (
  sheet_id   INTEGER NOT NULL REFERENCES sheet (id),
  ply        INTEGER NOT NULL,
  decision   TEXT    NOT NULL CHECK (decision IN ('open', 'kept', 'dismissed')),
  words      TEXT    NOT NULL DEFAULT '',
  changed_at TEXT    NOT NULL,
  PRIMARY KEY (sheet_id, ply)
);

-- Moments put into a student's file.
CREATE TABLE student_moment (
  id         INTEGER PRIMARY KEY,
  student_id INTEGER NOT NULL REFERENCES student (id),
  sheet_id   INTEGER NOT NULL REFERENCES sheet (id),
  ply        INTEGER NOT NULL,
  text       TEXT    NOT NULL,
  added_at   TEXT    NOT NULL,
  UNIQUE (student_id, sheet_id, ply)
);
