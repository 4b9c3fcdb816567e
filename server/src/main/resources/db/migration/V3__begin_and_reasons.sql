-- A profile that begins from an empty page stands on no revision.
alter table draft modify column base_revision_id char(36) null;

-- Why a revision was published although checks found errors.
alter table revision add column if not exists despite varchar(300);
