-- Lessons are sheets too: the text of one holds all its steps, a game a step. The check on the kind
-- is changed in place, as SQLite's manual describes for loosening a constraint.
PRAGMA writable_schema = ON;
UPDATE sqlite_schema
   SET sql = replace(sql, '''exercise'', ''repertoire''', '''exercise'', ''repertoire'', ''lesson''')
 WHERE type = 'table' AND name = 'sheet';
PRAGMA writable_schema = RESET;

-- What students answered in lessons, with what was asked as it was then. A lesson that is gone for
-- good leaves the answers. Steps count from 0, times are milliseconds since 1970.
CREATE TABLE lesson_answer (
  uuid       TEXT PRIMARY KEY,
  student_id INTEGER NOT NULL REFERENCES student (id),
  lesson_id  INTEGER REFERENCES sheet (id),
  lesson     TEXT    NOT NULL,
  step       INTEGER NOT NULL,
  prompt     TEXT    NOT NULL,
  themes     TEXT    NOT NULL,
  answer     TEXT    NOT NULL,
  outcome    TEXT    NOT NULL CHECK (outcome IN ('right', 'nearly', 'tempting', 'wrong')),
  seconds    INTEGER NOT NULL,
  said       INTEGER NOT NULL
);
CREATE INDEX lesson_answer_by_student ON lesson_answer (student_id, said);
CREATE INDEX lesson_answer_by_lesson ON lesson_answer (lesson_id);
