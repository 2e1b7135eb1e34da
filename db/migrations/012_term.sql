-- Seasons planned for a group. Plain PostgreSQL.

create table term (
  id text primary key,
  group_id text not null references class_group (id),
  document jsonb not null,
  version integer not null,
  created_at timestamptz not null,
  updated_at timestamptz not null,
  binned_at timestamptz
);

create index term_by_group on term (group_id) where binned_at is null;
