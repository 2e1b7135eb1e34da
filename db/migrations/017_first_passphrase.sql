-- Somebody whose first passphrase was right has not come in before they have chosen one of their own.
alter table private.sign_in drop constraint sign_in_outcome_check;
alter table private.sign_in add constraint sign_in_outcome_check
  check (outcome in ('came in', 'chooses a passphrase', 'refused', 'made to wait'));
