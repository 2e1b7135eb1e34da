-- Who led a class; and whose a condition in a group is, by initials, for the teacher alone. Plain PostgreSQL.

alter table class_given add column led_by text not null default '';
alter table class_group add column initials jsonb not null default '{}';
