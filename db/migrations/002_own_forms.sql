-- Forms a practitioner writes, and their own words over shipped forms. Plain PostgreSQL.

create table own_form (
  id text primary key,
  form jsonb not null,
  version integer not null,
  created_at timestamptz not null,
  updated_at timestamptz not null,
  binned_at timestamptz
);

create table own_words (
  form_id text primary key,
  document jsonb not null,
  updated_at timestamptz not null
);
