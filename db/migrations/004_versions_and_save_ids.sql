-- A save carries an id of its own, so that one whose answer was lost is known again when it is sent once more.
alter table practice_version add column save_id text;
create unique index practice_version_by_save on practice_version (save_id) where save_id is not null;

-- Customs, groups and own words are saved on top of a version too: two windows never undo each other unseen.
alter table customs add column version integer not null default 1;
alter table class_group add column version integer not null default 1;
alter table own_words add column version integer not null default 1;
