-- Practices may last ninety minutes, and so may the classes they are for.

alter table class_group drop constraint class_group_minutes_check;
alter table class_group add constraint class_group_minutes_check check (minutes between 5 and 90);
