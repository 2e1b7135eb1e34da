-- Classes that phones and screens in the hall follow, each under a short code. Nothing here says anything of anyone; it is of
-- this installation and is in no file of everything. Plain PostgreSQL.

create table private.following (
  code text primary key,
  practice_id text not null references practice (id) on delete cascade,
  version integer not null,
  session_id text not null,
  -- As it began, without what is private.
  practice jsonb not null,
  -- What the leader did and what is taught, by the clock of the server.
  actions jsonb not null,
  teaching jsonb,
  is_over boolean not null,
  -- One more with everything that is told, and the window that told it.
  revision integer not null,
  told_by text not null,
  opened_at timestamptz not null,
  -- Shown to nobody any more.
  ended_at timestamptz
);

create index following_by_practice on private.following (practice_id, opened_at desc);
