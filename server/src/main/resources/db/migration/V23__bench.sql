-- Addresses beside this machine's own that DMX may be sent to: IPv4, or the word multicast.
create table if not exists output_address (
  address varchar(40) character set ascii collate ascii_bin not null primary key,
  added_by varchar(100) not null,
  added_at datetime(3) not null
);

-- Profiles that were walked on a fixture. What was answered belongs to the revision.
create table if not exists walk (
  id char(36) character set ascii collate ascii_bin not null primary key,
  revision_id char(36) character set ascii collate ascii_bin not null,
  -- of the revision's modes, from 0
  mode int not null,
  quick boolean not null,
  -- the walk whose steps are left out where nothing has changed since; null where all are walked
  since char(36) character set ascii collate ascii_bin,
  -- which way steps were made then: a walk of another edition is read, and not gone on with
  edition int not null,
  destination varchar(60) not null,
  universe int not null,
  address int not null,
  -- where its instruments answer; empty where hands do
  telemetry varchar(300) not null,
  fixture_serial varchar(100) not null,
  firmware varchar(100) not null,
  notes varchar(2000) not null,
  author varchar(100) not null,
  started_at datetime(3) not null,
  state varchar(8) not null,
  says varchar(500) not null,
  steps int not null,
  -- what the fixture said that it has; null where it says nothing
  footprint int,
  -- whether it proves its mode: whole, to its end, something agrees and nothing differs
  proven boolean not null default false,
  touched_at datetime(3) not null,
  constraint walk_revision foreign key (revision_id) references revision (id) on delete cascade
);
create index if not exists walk_started on walk (started_at);

create table if not exists walk_answer (
  walk_id char(36) character set ascii collate ascii_bin not null,
  step int not null,
  -- a step that was made on the way, to find a boundary: its value; null for a step of the walk itself
  value bigint,
  -- the step of the walk that it was made from
  made_from int,
  verdict varchar(12) not null,
  reason varchar(300) not null,
  -- JSON: its version, and what instruments saw; null where hands answered
  seen mediumtext,
  answered_at datetime(3) not null,
  primary key (walk_id, step),
  constraint walk_answer_walk foreign key (walk_id) references walk (id) on delete cascade
);

-- What a fixture in somebody's hands showed, to be sent again.
create table if not exists look (
  id char(36) character set ascii collate ascii_bin not null primary key,
  profile_id char(36) character set ascii collate ascii_bin not null,
  mode varchar(200) not null,
  name varchar(100) not null,
  -- JSON: its version, and raw values by channel
  channels mediumtext not null,
  author varchar(100) not null,
  constraint look_profile foreign key (profile_id) references profile (id) on delete cascade,
  constraint look_name unique (profile_id, mode, name)
);

-- Photographs of a walk, as they are shown: decoded, made small and written anew.
create table if not exists walk_photo (
  walk_id char(36) character set ascii collate ascii_bin not null,
  sha256 char(64) character set ascii collate ascii_bin not null,
  name varchar(200) not null,
  added_at datetime(3) not null,
  primary key (walk_id, sha256),
  constraint walk_photo_walk foreign key (walk_id) references walk (id) on delete cascade,
  constraint walk_photo_content foreign key (sha256) references content (sha256)
);

-- What lists know of a profile now has the ids that it states for RDM: where there are some, it is made anew when it is next read.
-- [jooq ignore start]
delete s from revision_synopsis s join revision r on r.id = s.revision_id join content c on c.sha256 = r.description_sha256
  where locate('<FTRDM', c.bytes) > 0;
-- [jooq ignore stop]
