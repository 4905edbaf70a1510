-- The text of a sheet stands apart from what is listed of it, packed, so that lists read little.
CREATE TABLE sheet_text (
  sheet_id INTEGER PRIMARY KEY REFERENCES sheet (id) ON DELETE CASCADE,
  pgn      BLOB    NOT NULL
);
INSERT INTO sheet_text SELECT id, packed(pgn) FROM sheet;

-- Fingerprints are the first 16 bytes of the SHA-256 of a text; 'origin' is that of what a sheet
-- came in as, where it was changed since. Times are milliseconds since 1970: as texts with and
-- without fractions they do not sort.
ALTER TABLE sheet ADD COLUMN content BLOB NOT NULL DEFAULT x'';
ALTER TABLE sheet ADD COLUMN origin BLOB;
ALTER TABLE sheet ADD COLUMN added INTEGER NOT NULL DEFAULT 0;
ALTER TABLE sheet ADD COLUMN changed INTEGER NOT NULL DEFAULT 0;
DROP INDEX sheet_by_content;
DROP INDEX sheet_by_origin;
DROP INDEX sheet_by_kind;
DROP INDEX sheet_by_change;
ALTER TABLE sheet DROP COLUMN pgn;
UPDATE sheet
   SET content = fingerprint(content_key),
       origin = CASE WHEN origin_key <> content_key THEN fingerprint(origin_key) END,
       added = coalesce(CAST(round(unixepoch(added_at, 'subsec') * 1000) AS INTEGER), 0),
       changed = coalesce(CAST(round(unixepoch(changed_at, 'subsec') * 1000) AS INTEGER), 0);
ALTER TABLE sheet DROP COLUMN content_key;
ALTER TABLE sheet DROP COLUMN origin_key;
ALTER TABLE sheet DROP COLUMN added_at;
ALTER TABLE sheet DROP COLUMN changed_at;

-- The title is that of the sheet's own tag, or who played whom, or the event.
ALTER TABLE sheet ADD COLUMN own_title TEXT NOT NULL DEFAULT '';
UPDATE sheet SET own_title = title WHERE title <> CASE
  WHEN white <> '' OR black <> ''
    THEN coalesce(nullif(white, ''), '?') || ' – ' || coalesce(nullif(black, ''), '?')
  ELSE coalesce(nullif(event, ''), 'Untitled') END;
ALTER TABLE sheet DROP COLUMN title;
ALTER TABLE sheet ADD COLUMN title TEXT GENERATED ALWAYS AS (CASE
  WHEN own_title <> '' THEN own_title
  WHEN white <> '' OR black <> ''
    THEN coalesce(nullif(white, ''), '?') || ' – ' || coalesce(nullif(black, ''), '?')
  ELSE coalesce(nullif(event, ''), 'Untitled') END) VIRTUAL;

CREATE INDEX sheet_by_content ON sheet (content);
CREATE INDEX sheet_by_origin ON sheet (origin) WHERE origin IS NOT NULL;
CREATE INDEX sheet_by_change ON sheet (changed);

-- What is listed, in the orders it is listed in.
CREATE INDEX sheet_listed ON sheet (kind, id) WHERE deleted_at IS NULL;
CREATE INDEX sheet_by_white ON sheet (kind, white COLLATE NOCASE, id) WHERE deleted_at IS NULL;
CREATE INDEX sheet_by_black ON sheet (kind, black COLLATE NOCASE, id) WHERE deleted_at IS NULL;
CREATE INDEX sheet_by_date ON sheet (kind, date, id) WHERE deleted_at IS NULL;

ALTER TABLE game_search ADD COLUMN searched INTEGER NOT NULL DEFAULT 0;
UPDATE game_search
   SET searched = coalesce(CAST(round(unixepoch(searched_at, 'subsec') * 1000) AS INTEGER), 0);
ALTER TABLE game_search DROP COLUMN searched_at;

-- The words by which sheets are found; only which sheet has them is kept.
CREATE VIRTUAL TABLE sheet_words USING fts5 (
  words, content = '', contentless_delete = 1, detail = none,
  tokenize = 'unicode61 remove_diacritics 2'
);
INSERT INTO sheet_words (rowid, words)
SELECT id, white || ' ' || black || ' ' || event || ' ' || date || ' ' || own_title FROM sheet;

CREATE TRIGGER sheet_words_added AFTER INSERT ON sheet
BEGIN
  INSERT INTO sheet_words (rowid, words)
  VALUES (new.id, new.white || ' ' || new.black || ' ' || new.event || ' ' || new.date || ' '
          || new.own_title);
END;

CREATE TRIGGER sheet_words_changed AFTER UPDATE OF white, black, event, date, own_title ON sheet
WHEN old.white <> new.white OR old.black <> new.black OR old.event <> new.event
  OR old.date <> new.date OR old.own_title <> new.own_title
BEGIN
  DELETE FROM sheet_words WHERE rowid = old.id;
  INSERT INTO sheet_words (rowid, words)
  VALUES (new.id, new.white || ' ' || new.black || ' ' || new.event || ' ' || new.date || ' '
          || new.own_title);
END;

CREATE TRIGGER sheet_words_removed AFTER DELETE ON sheet
BEGIN
  DELETE FROM sheet_words WHERE rowid = old.id;
END;
