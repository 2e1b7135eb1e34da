-- Who led a class. Plain PostgreSQL.

alter table class_given add column led_by text not null default '';
