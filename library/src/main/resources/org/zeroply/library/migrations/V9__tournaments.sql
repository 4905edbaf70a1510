-- Tournaments are sheets too: the text of one holds all its pairings, a game without moves each. The
-- check on the kind is changed in place, as SQLite's manual describes for loosening a constraint.
PRAGMA writable_schema = ON;
UPDATE sqlite_schema
   SET sql = replace(sql, '''exercise'', ''repertoire'', ''lesson''', '''exercise'', ''repertoire'', ''lesson'', ''tournament''')
 WHERE type = 'table' AND name = 'sheet';
PRAGMA writable_schema = RESET;
