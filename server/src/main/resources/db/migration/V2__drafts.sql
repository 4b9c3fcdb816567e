create table if not exists draft (
  id char(36) not null primary key,
  profile_id char(36) not null,
  -- the profile while the draft is open, null afterwards: at most one open draft for a profile
  open_profile_id char(36),
  base_revision_id char(36) not null,
  version int not null,
  opened_by varchar(100) not null,
  opened_at datetime(3) not null,
  constraint draft_open unique (open_profile_id),
  constraint draft_profile foreign key (profile_id) references profile (id),
  constraint draft_base foreign key (base_revision_id) references revision (id)
);

-- What happened to a draft, one row for each version: nothing is ever taken out of it, undo is a row too.
create table if not exists draft_step (
  draft_id char(36) not null,
  version int not null,
  kind varchar(8) not null,
  edit longtext,
  sentence varchar(1000) not null,
  author varchar(100) not null,
  created_at datetime(3) not null,
  primary key (draft_id, version),
  constraint step_draft foreign key (draft_id) references draft (id)
);
