-- What one person is asked to do at home: private like the person, and gone with them. Plain PostgreSQL.

create table private.homework (
  id text primary key,
  person_id text not null references private.person (id) on delete cascade,
  document jsonb not null,
  version integer not null,
  created_at timestamptz not null
);

create index homework_by_person on private.homework (person_id, created_at desc);
