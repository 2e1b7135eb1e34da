-- Breath patterns and sounds a practitioner writes. Plain PostgreSQL.

create table own_layer (
  kind text not null check (kind in ('breath', 'sound')),
  id text not null,
  document jsonb not null,
  version integer not null,
  created_at timestamptz not null,
  updated_at timestamptz not null,
  binned_at timestamptz,
  primary key (kind, id)
);
