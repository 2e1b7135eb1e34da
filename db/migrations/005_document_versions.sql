-- Documents carry the version of their shape. Those of JSON carry it inside; a group stands in columns.
alter table class_group add column document_version integer not null default 0;
