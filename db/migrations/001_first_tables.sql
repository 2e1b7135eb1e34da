-- The first tables. Plain PostgreSQL: nothing here needs the embedded server.

create table customs (
  id integer primary key check (id = 1),
  document jsonb not null,
  updated_at timestamptz not null
);

-- A group as it is taught. `conditions` says what to be careful of, without saying who.
create table class_group (
  id text primary key,
  name text not null,
  minutes integer not null check (minutes between 5 and 60),
  posture text not null check (posture in ('standing', 'seated')),
  familiarity text not null check (familiarity in ('known', 'taught')),
  times jsonb not null,
  conditions jsonb not null,
  binned_at timestamptz
);

create table practice (
  id text primary key,
  name text not null,
  version integer not null,
  created_at timestamptz not null,
  updated_at timestamptz not null,
  binned_at timestamptz
);

-- Every save keeps the former version. Forms are stored once by their content and referred to by hash.
create table practice_version (
  practice_id text not null references practice (id),
  version integer not null,
  saved_at timestamptz not null,
  document jsonb not null,
  primary key (practice_id, version)
);

create table form_snapshot (
  hash text primary key,
  form jsonb not null
);

create table class_given (
  id text primary key,
  practice_id text not null references practice (id),
  practice_name text not null,
  version integer not null,
  group_id text references class_group (id),
  started_at timestamptz not null,
  record jsonb not null,
  note text not null default ''
);

create index practice_by_update on practice (updated_at desc);
create index class_given_by_start on class_given (started_at desc);
