-- What the log is asked for: by group and time, by the forms of a class, and what is taken out of it. Plain PostgreSQL.

alter table class_given add column binned_at timestamptz;
create index class_given_by_group on class_given (group_id, started_at desc);
create index class_given_by_key on class_given (started_at desc, id desc) where binned_at is null;
create index class_given_by_form on class_given using gin (record jsonb_path_ops);

-- What was learnt of a form from classes before this moment is forgotten.
create table learnt_forgotten (
  form_id text primary key,
  before timestamptz not null
);
