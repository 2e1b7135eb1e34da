-- What a practice is for, taken out of its document once, so that the log is asked by theme without reading every document.
-- Plain PostgreSQL.

alter table practice_version add column theme jsonb generated always as (document -> 'brief' -> 'theme') stored;
