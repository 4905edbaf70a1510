-- Every change of a sheet, so that it can be taken back tomorrow too: at 'place' (a count of
-- characters from the beginning of the sheet's text) 'removed' gave way to 'added', which made the
-- text whose fingerprint is 'fingerprint'. Changes that were taken back are 'undone' until another
-- change is made.
CREATE TABLE sheet_change (
  id          INTEGER PRIMARY KEY AUTOINCREMENT,
  sheet_id    INTEGER NOT NULL REFERENCES sheet (id),
  place       INTEGER NOT NULL,
  removed     TEXT    NOT NULL,
  added       TEXT    NOT NULL,
  before_key  TEXT    NOT NULL,
  after_key   TEXT    NOT NULL,
  undone      INTEGER NOT NULL DEFAULT 0,
  made_at     TEXT    NOT NULL
);
CREATE INDEX sheet_change_by_sheet ON sheet_change (sheet_id, id);

-- The bin: what was put away and when.
ALTER TABLE attempt ADD COLUMN deleted_at TEXT;
ALTER TABLE find ADD COLUMN deleted_at TEXT;

-- Games the coach has put together under a name.
CREATE TABLE collection (
  id   INTEGER PRIMARY KEY,
  name TEXT NOT NULL UNIQUE
);
CREATE TABLE collected (
  collection_id INTEGER NOT NULL REFERENCES collection (id),
  sheet_id      INTEGER NOT NULL REFERENCES sheet (id),
  PRIMARY KEY (collection_id, sheet_id)
) WITHOUT ROWID;
CREATE INDEX collected_by_sheet ON collected (sheet_id);
