-- Games, analyses and exercises are sheets: one move tree each, kept as PGN.
CREATE TABLE sheet (
  id          INTEGER PRIMARY KEY,
  kind        TEXT    NOT NULL CHECK (kind IN ('game', 'analysis', 'exercise')),
  title       TEXT    NOT NULL,
  white       TEXT    NOT NULL,
  black       TEXT    NOT NULL,
  event       TEXT    NOT NULL,
  date        TEXT    NOT NULL,
  result      TEXT    NOT NULL,
  white_elo   INTEGER NOT NULL DEFAULT 0,
  black_elo   INTEGER NOT NULL DEFAULT 0,
  plies       INTEGER NOT NULL,
  pgn         TEXT    NOT NULL,
  content_key TEXT    NOT NULL,
  origin_key  TEXT    NOT NULL,
  added_at    TEXT    NOT NULL,
  changed_at  TEXT    NOT NULL,
  deleted_at  TEXT
);
CREATE INDEX sheet_by_content ON sheet (content_key);
CREATE INDEX sheet_by_origin ON sheet (origin_key);
CREATE INDEX sheet_by_kind ON sheet (kind, id);

-- What an import could not read is kept as it was.
CREATE TABLE unread (
  id       INTEGER PRIMARY KEY,
  file     TEXT    NOT NULL,
  line     INTEGER NOT NULL,
  reason   TEXT    NOT NULL,
  raw      TEXT    NOT NULL,
  raw_key  TEXT    NOT NULL UNIQUE,
  added_at TEXT    NOT NULL
);

CREATE TABLE student (
  id         INTEGER PRIMARY KEY,
  uuid       TEXT    NOT NULL UNIQUE,
  name       TEXT    NOT NULL,
  rating     INTEGER NOT NULL DEFAULT 0,
  note       TEXT    NOT NULL DEFAULT '',
  added_at   TEXT    NOT NULL,
  deleted_at TEXT
);

-- An attempt keeps the scheme it was marked against: a later change does not touch it.
CREATE TABLE attempt (
  id            INTEGER PRIMARY KEY,
  uuid          TEXT    NOT NULL UNIQUE,
  student_id    INTEGER NOT NULL REFERENCES student (id),
  exercise_id   INTEGER REFERENCES sheet (id),
  title         TEXT    NOT NULL,
  began_at      TEXT    NOT NULL,
  seconds       INTEGER NOT NULL,
  answer        TEXT    NOT NULL,
  points        INTEGER NOT NULL,
  max           INTEGER NOT NULL,
  verdict_right INTEGER NOT NULL,
  scheme        TEXT    NOT NULL,
  marked        TEXT    NOT NULL
);
CREATE INDEX attempt_by_student ON attempt (student_id, began_at);

CREATE TABLE setting (
  name  TEXT PRIMARY KEY,
  value TEXT NOT NULL
);
