-- Which forms of a class were really done and how long it took, taken out of its record once: of four hundred classes
-- a person was at, unpacking the whole records took longer than all else. Plain PostgreSQL.

create function forms_done(record jsonb) returns text[] language sql immutable parallel safe as $$
  select coalesce(array_agg(distinct form_id #>> '{}'), '{}')
  from jsonb_path_query(record, 'lax $.items[*] ? (@.actualMs > 0).formId ? (@.type() == "string")') form_id
$$;

alter table class_given
  add column forms_done text[] generated always as (forms_done(record)) stored,
  add column actual_ms double precision generated always as
    (case when jsonb_typeof(record -> 'actualMs') = 'number' then (record ->> 'actualMs')::double precision else 0 end) stored;
