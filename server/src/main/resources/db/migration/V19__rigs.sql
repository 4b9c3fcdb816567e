-- A rig: the fixtures of one production. What it is stands in its steps; name, production and counts are repeated for lists.
create table if not exists rig (
  id char(36) character set ascii collate ascii_bin not null primary key,
  name varchar(200) not null,
  production varchar(200) not null,
  units int not null,
  universes int not null,
  version int not null,
  opened_by varchar(100) not null,
  opened_at datetime(3) not null,
  changed_by varchar(100) not null,
  changed_at datetime(3) not null,
  binned_at datetime(3)
);

-- What happened to a rig, one row for each version: nothing is ever taken out of it, undo is a row too.
create table if not exists rig_step (
  rig_id char(36) character set ascii collate ascii_bin not null,
  version int not null,
  kind varchar(8) not null,
  edit longtext,
  sentence varchar(1000) not null,
  author varchar(100) not null,
  created_at datetime(3) not null,
  change_id char(36) character set ascii collate ascii_bin,
  primary key (rig_id, version),
  constraint rig_step_rig foreign key (rig_id) references rig (id) on delete cascade
);

create index if not exists rig_step_change on rig_step (rig_id, change_id);

-- Which revisions a rig pins now: they stay, whatever becomes of their profile.
create table if not exists rig_pin (
  rig_id char(36) character set ascii collate ascii_bin not null,
  revision_id char(36) character set ascii collate ascii_bin not null,
  units int not null,
  primary key (rig_id, revision_id),
  constraint rig_pin_rig foreign key (rig_id) references rig (id) on delete cascade,
  constraint rig_pin_revision foreign key (revision_id) references revision (id)
);
