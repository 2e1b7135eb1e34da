-- What a server knows of a column are values out of it, kept in a table of its own (pg_statistic) beyond the deletion of the
-- row they came from. Nothing is looked up by what somebody writes, so of those columns it takes none. Naming a column's type
-- again lets go what was taken of it before. Plain PostgreSQL.

alter table private.person alter column document type jsonb, alter column document set statistics 0;
alter table private.felt alter column document type jsonb, alter column document set statistics 0;
alter table private.homework alter column document type jsonb, alter column document set statistics 0;
alter table private.account alter column name type text, alter column name set statistics 0;
alter table private.device alter column name type text, alter column name set statistics 0;
alter table class_group
  alter column name type text, alter column name set statistics 0,
  alter column times type jsonb, alter column times set statistics 0,
  alter column conditions type jsonb, alter column conditions set statistics 0,
  alter column initials type jsonb, alter column initials set statistics 0;
alter table class_given
  alter column practice_name type text, alter column practice_name set statistics 0,
  alter column note type text, alter column note set statistics 0,
  alter column led_by type text, alter column led_by set statistics 0,
  -- Two columns are made of this one, so its type stays unnamed; it names nobody, and is nearly always longer than what is kept.
  alter column record set statistics 0;
alter table practice alter column name type text, alter column name set statistics 0;
alter table practice_version alter column document set statistics 0;
alter table term alter column document type jsonb, alter column document set statistics 0;
alter table customs alter column document type jsonb, alter column document set statistics 0;
alter table own_words alter column document type jsonb, alter column document set statistics 0;
