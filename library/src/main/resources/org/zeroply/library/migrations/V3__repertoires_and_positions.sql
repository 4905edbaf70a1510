-- Chapters of repertoires are sheets too. The check on the kind is changed in place, as SQLite's
-- manual describes for loosening a constraint; rebuilding the table would break what points to it.
PRAGMA writable_schema = ON;
UPDATE sqlite_schema
   SET sql = replace(sql, '''game'', ''analysis'', ''exercise''', '''game'', ''analysis'', ''exercise'', ''repertoire''')
 WHERE type = 'table' AND name = 'sheet';
PRAGMA writable_schema = RESET;

CREATE INDEX sheet_by_change ON sheet (changed_at);

-- The main line of each game, a byte a move, numbered for the index of positions. A changed game
-- gets a new number.
CREATE TABLE game_line (
  number   INTEGER PRIMARY KEY AUTOINCREMENT,
  sheet_id INTEGER NOT NULL UNIQUE REFERENCES sheet (id),
  start    TEXT    NOT NULL,
  moves    BLOB    NOT NULL
);

-- Which games came to a position: segments of games, each cut into pages by the keys of positions.
CREATE TABLE position_segment (
  id           INTEGER PRIMARY KEY,
  first_number INTEGER NOT NULL,
  last_number  INTEGER NOT NULL,
  games        INTEGER NOT NULL
);
CREATE TABLE position_page (
  id     INTEGER PRIMARY KEY,
  groups BLOB    NOT NULL
);

-- What a student remembers of a repertoire: one row for each question.
CREATE TABLE recall (
  student_id  INTEGER NOT NULL REFERENCES student (id),
  question    TEXT    NOT NULL,
  answer      TEXT    NOT NULL,
  repetitions INTEGER NOT NULL,
  easiness    REAL    NOT NULL,
  interval    INTEGER NOT NULL,
  due_day     INTEGER NOT NULL,
  asked       INTEGER NOT NULL,
  right_first INTEGER NOT NULL,
  PRIMARY KEY (student_id, question)
) WITHOUT ROWID;

-- The school whose moves a student learns; no row for none.
CREATE TABLE student_approach (
  student_id INTEGER PRIMARY KEY REFERENCES student (id),
  approach   TEXT NOT NULL CHECK (approach IN ('quiet', 'sharp'))
);
