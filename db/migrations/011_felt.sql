-- How somebody was before and after: private like the person, and gone with them. Plain PostgreSQL.

create table private.felt (
  id text primary key,
  person_id text not null references private.person (id) on delete cascade,
  at timestamptz not null,
  document jsonb not null
);

create index felt_by_person on private.felt (person_id, at desc);
