-- All times are milliseconds since 1970: as texts with and without fractions they do not sort.
DROP INDEX sheet_listed;
DROP INDEX sheet_by_white;
DROP INDEX sheet_by_black;
DROP INDEX sheet_by_date;
DROP INDEX attempt_by_student;

ALTER TABLE sheet ADD COLUMN deleted INTEGER;
ALTER TABLE student ADD COLUMN added INTEGER NOT NULL DEFAULT 0;
ALTER TABLE student ADD COLUMN deleted INTEGER;
ALTER TABLE attempt ADD COLUMN began INTEGER NOT NULL DEFAULT 0;
ALTER TABLE attempt ADD COLUMN deleted INTEGER;
ALTER TABLE find ADD COLUMN deleted INTEGER;
ALTER TABLE unread ADD COLUMN added INTEGER NOT NULL DEFAULT 0;
ALTER TABLE review ADD COLUMN changed INTEGER NOT NULL DEFAULT 0;
ALTER TABLE moment_note ADD COLUMN changed INTEGER NOT NULL DEFAULT 0;
ALTER TABLE student_moment ADD COLUMN added INTEGER NOT NULL DEFAULT 0;
ALTER TABLE sheet_change ADD COLUMN made INTEGER NOT NULL DEFAULT 0;

UPDATE sheet SET deleted = milliseconds(deleted_at) WHERE deleted_at IS NOT NULL;
UPDATE student
   SET added = milliseconds(added_at),
       deleted = CASE WHEN deleted_at IS NOT NULL THEN milliseconds(deleted_at) END;
UPDATE attempt
   SET began = milliseconds(began_at),
       deleted = CASE WHEN deleted_at IS NOT NULL THEN milliseconds(deleted_at) END;
UPDATE find SET deleted = milliseconds(deleted_at) WHERE deleted_at IS NOT NULL;
UPDATE unread SET added = milliseconds(added_at);
UPDATE review SET changed = milliseconds(changed_at);
UPDATE moment_note SET changed = milliseconds(changed_at);
UPDATE student_moment SET added = milliseconds(added_at);
UPDATE sheet_change SET made = milliseconds(made_at);

ALTER TABLE sheet DROP COLUMN deleted_at;
ALTER TABLE student DROP COLUMN added_at;
ALTER TABLE student DROP COLUMN deleted_at;
ALTER TABLE attempt DROP COLUMN began_at;
ALTER TABLE attempt DROP COLUMN deleted_at;
ALTER TABLE find DROP COLUMN deleted_at;
ALTER TABLE unread DROP COLUMN added_at;
ALTER TABLE review DROP COLUMN changed_at;
ALTER TABLE moment_note DROP COLUMN changed_at;
ALTER TABLE student_moment DROP COLUMN added_at;
ALTER TABLE sheet_change DROP COLUMN made_at;

CREATE INDEX sheet_listed ON sheet (kind, id) WHERE deleted IS NULL;
CREATE INDEX sheet_by_white ON sheet (kind, white COLLATE NOCASE, id) WHERE deleted IS NULL;
CREATE INDEX sheet_by_black ON sheet (kind, black COLLATE NOCASE, id) WHERE deleted IS NULL;
CREATE INDEX sheet_by_date ON sheet (kind, date, id) WHERE deleted IS NULL;
CREATE INDEX attempt_by_student ON attempt (student_id, began);
