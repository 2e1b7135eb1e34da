-- What is known of people stands apart, in a schema of its own: nothing that is handed out, exported or shown to a group
-- reads it. Plain PostgreSQL.

create schema private;

create table private.person (
  id text primary key,
  document jsonb not null,
  version integer not null,
  created_at timestamptz not null,
  updated_at timestamptz not null
);

-- Who was at a class: written before it (then it has no class yet) or after it. `others` came and are not named here,
-- among them those whose rows were deleted since: the count of a class stays when a person goes.
create table private.register (
  id text primary key,
  practice_id text not null,
  opened_at timestamptz not null,
  class_id text unique references class_given (id) on delete cascade,
  others integer not null default 0 check (others between 0 and 500)
);

create index register_by_practice on private.register (practice_id, opened_at desc) where class_id is null;

create table private.present (
  register_id text not null references private.register (id) on delete cascade,
  person_id text not null references private.person (id) on delete cascade,
  primary key (register_id, person_id)
);

create index present_by_person on private.present (person_id);
