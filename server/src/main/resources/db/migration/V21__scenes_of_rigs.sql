-- Scenes that came in: those that wait to be decided on, and the one that each rig came from, so that it goes out with everything in it.
create table if not exists scene (
  id char(36) character set ascii collate ascii_bin not null primary key,
  name varchar(300) not null,
  size bigint not null,
  fixtures int not null,
  kinds int not null,
  author varchar(100) not null,
  arrived_at datetime(3) not null,
  -- false while its parts are being written
  complete boolean not null
);
create index if not exists scene_arrived on scene (arrived_at);

-- The file itself, in pieces that the database takes one by one.
create table if not exists scene_part (
  scene_id char(36) character set ascii collate ascii_bin not null,
  position int not null,
  bytes mediumblob not null,
  primary key (scene_id, position),
  constraint scene_part_scene foreign key (scene_id) references scene (id) on delete cascade
);

-- When a rig and a file said the same: what both sides have changed since is told from here.
create table if not exists rig_exchange (
  id char(36) character set ascii collate ascii_bin not null primary key,
  rig_id char(36) character set ascii collate ascii_bin not null,
  direction varchar(3) not null,
  -- the file, where it is kept
  scene_id char(36) character set ascii collate ascii_bin,
  name varchar(300) not null,
  says varchar(1000) not null,
  author varchar(100) not null,
  exchanged_at datetime(3) not null,
  -- of the rig, right after it
  version int not null,
  constraint rig_exchange_rig foreign key (rig_id) references rig (id) on delete cascade,
  constraint rig_exchange_scene foreign key (scene_id) references scene (id) on delete set null
);
create index if not exists rig_exchange_when on rig_exchange (rig_id, exchanged_at);

-- How many addresses a placeholder was decided to have; 0 = as many as the scene says.
alter table scene_choice add column if not exists addresses int not null default 0;
