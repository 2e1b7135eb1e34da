-- A school: what is one teacher's own says whose it is, and belongs to nothing of another's. Forms, words, breaths and sounds
-- are the school's. What was here before is the owner's. No column keeps a default: a statement that forgets whose something
-- is fails instead of giving it to the owner. Plain PostgreSQL.

alter table customs add column teacher_id text not null default 'owner';
alter table customs drop constraint customs_pkey;
alter table customs add primary key (teacher_id, id);
alter table customs alter column teacher_id drop default;

alter table own_words add column teacher_id text not null default 'owner';
alter table own_words drop constraint own_words_pkey;
alter table own_words add primary key (teacher_id, form_id);
alter table own_words alter column teacher_id drop default;

alter table learnt_forgotten add column teacher_id text not null default 'owner';
alter table learnt_forgotten drop constraint learnt_forgotten_pkey;
alter table learnt_forgotten add primary key (teacher_id, form_id);
alter table learnt_forgotten alter column teacher_id drop default;

alter table class_group add column teacher_id text not null default 'owner';
alter table class_group alter column teacher_id drop default;
alter table class_group add constraint class_group_teacher unique (id, teacher_id);

alter table practice add column teacher_id text not null default 'owner';
alter table practice alter column teacher_id drop default;
alter table practice add constraint practice_teacher unique (id, teacher_id);
-- Its teacher lets the others of the school look at it and take copies.
alter table practice add column is_shared boolean not null default false;

alter table practice_version add column teacher_id text not null default 'owner';
alter table practice_version alter column teacher_id drop default;
alter table practice_version drop constraint practice_version_practice_id_fkey;
alter table practice_version add constraint practice_version_of_teacher
  foreign key (practice_id, teacher_id) references practice (id, teacher_id);

alter table class_given add column teacher_id text not null default 'owner';
alter table class_given alter column teacher_id drop default;
alter table class_given add constraint class_given_teacher unique (id, teacher_id);
alter table class_given drop constraint class_given_practice_id_fkey;
alter table class_given drop constraint class_given_group_id_fkey;
alter table class_given add constraint class_given_practice_of_teacher
  foreign key (practice_id, teacher_id) references practice (id, teacher_id);
alter table class_given add constraint class_given_group_of_teacher
  foreign key (group_id, teacher_id) references class_group (id, teacher_id);

alter table term add column teacher_id text not null default 'owner';
alter table term alter column teacher_id drop default;
alter table term add column is_shared boolean not null default false;
alter table term drop constraint term_group_id_fkey;
alter table term add constraint term_group_of_teacher
  foreign key (group_id, teacher_id) references class_group (id, teacher_id);

alter table private.person add column teacher_id text not null default 'owner';
alter table private.person alter column teacher_id drop default;
alter table private.person add constraint person_teacher unique (id, teacher_id);

alter table private.register add column teacher_id text not null default 'owner';
alter table private.register alter column teacher_id drop default;
alter table private.register add constraint register_teacher unique (id, teacher_id);
alter table private.register drop constraint register_class_id_fkey;
alter table private.register add constraint register_class_of_teacher
  foreign key (class_id, teacher_id) references class_given (id, teacher_id) on delete cascade;

alter table private.present add column teacher_id text not null default 'owner';
alter table private.present alter column teacher_id drop default;
alter table private.present drop constraint present_register_id_fkey;
alter table private.present drop constraint present_person_id_fkey;
alter table private.present add constraint present_register_of_teacher
  foreign key (register_id, teacher_id) references private.register (id, teacher_id) on delete cascade;
alter table private.present add constraint present_person_of_teacher
  foreign key (person_id, teacher_id) references private.person (id, teacher_id) on delete cascade;

alter table private.felt add column teacher_id text not null default 'owner';
alter table private.felt alter column teacher_id drop default;
alter table private.felt drop constraint felt_person_id_fkey;
alter table private.felt add constraint felt_person_of_teacher
  foreign key (person_id, teacher_id) references private.person (id, teacher_id) on delete cascade;

alter table private.homework add column teacher_id text not null default 'owner';
alter table private.homework alter column teacher_id drop default;
alter table private.homework drop constraint homework_person_id_fkey;
alter table private.homework add constraint homework_person_of_teacher
  foreign key (person_id, teacher_id) references private.person (id, teacher_id) on delete cascade;

alter table private.following add column teacher_id text not null default 'owner';
alter table private.following alter column teacher_id drop default;
alter table private.following drop constraint following_practice_id_fkey;
alter table private.following add constraint following_practice_of_teacher
  foreign key (practice_id, teacher_id) references practice (id, teacher_id) on delete cascade;

-- What is asked for is asked for of one teacher: their rows lie together in each order.
drop index practice_by_update;
create index practice_by_update on practice (teacher_id, updated_at desc);
drop index class_given_by_start;
create index class_given_by_start on class_given (teacher_id, started_at desc);
drop index class_given_by_key;
create index class_given_by_key on class_given (teacher_id, started_at desc, id desc) where binned_at is null;
create index class_group_by_teacher on class_group (teacher_id);
create index term_by_teacher on term (teacher_id);
create index person_by_teacher on private.person (teacher_id);
create index practice_shared on practice (updated_at desc) where is_shared;
create index term_shared on term (updated_at desc) where is_shared;

-- A teacher comes in with a name of their own; the first passphrase is given by the owner and serves for nothing but choosing
-- another. One that is shut out is kept, with everything that is theirs.
alter table private.account add column is_given boolean not null default false;
alter table private.account add column is_shut boolean not null default false;
create unique index account_by_name on private.account (lower(name));
alter table private.sign_in add column account_id text references private.account (id) on delete set null;
