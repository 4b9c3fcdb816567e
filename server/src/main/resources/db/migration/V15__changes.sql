-- A change that is asked for again, because its answer was lost, is known by the id that its asker gave it.
alter table draft_step add column if not exists change_id char(36);
create index if not exists step_change on draft_step (draft_id, change_id);
alter table draft add column if not exists closing_change char(36);
alter table draft add column if not exists published_number int;
