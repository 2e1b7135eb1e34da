-- Who may come in from another machine: accounts, the devices they came in with, every try, and whether it is open at all.
-- Nothing of it is in a file of everything: it is of this installation, not of the practice. Plain PostgreSQL.

create table private.account (
  id text primary key,
  name text not null,
  role text not null check (role in ('owner', 'teacher', 'guest')),
  -- Never the passphrase: what scrypt makes of it, with its parameters and its salt.
  passphrase text not null,
  created_at timestamptz not null,
  changed_at timestamptz not null
);

create table private.device (
  id text primary key,
  -- SHA-256 of what its cookie holds: who reads this table cannot come in with it.
  token_hash text not null unique,
  account_id text not null references private.account (id) on delete cascade,
  name text not null,
  signed_in_at timestamptz not null,
  seen_at timestamptz not null
);

create table private.sign_in (
  id text primary key,
  at timestamptz not null,
  -- Whose network it came from: an IPv4 address, or the first half of an IPv6 one.
  address text not null,
  device text not null,
  outcome text not null check (outcome in ('came in', 'refused', 'made to wait'))
);

create index sign_in_by_address on private.sign_in (address, at desc);
create index sign_in_by_time on private.sign_in (at desc);

create table private.door (
  id integer primary key check (id = 1),
  is_open boolean not null,
  changed_at timestamptz not null
);
