-- Libraries of other houses, over the network.
create table if not exists neighbour (
  id char(36) character set ascii collate ascii_bin not null primary key,
  version int not null,
  name varchar(120) not null,
  address varchar(300) not null,
  login varchar(120) not null,
  -- encrypted by a key that lies beside the database, not in it
  secret varbinary(1000) not null,
  added_by varchar(100) not null,
  added_at datetime(3) not null,
  -- when it was last asked for news, and what was the last change that it told of
  asked_at datetime(3),
  change_seen int not null,
  -- why it did not answer then; empty if it did
  trouble varchar(500) not null
);

-- Profiles on their way from a neighbour.
create table if not exists neighbour_taking (
  id char(36) character set ascii collate ascii_bin not null primary key,
  neighbour_id char(36) character set ascii collate ascii_bin not null,
  remote_id varchar(100) character set ascii collate ascii_bin not null,
  manufacturer varchar(200) not null,
  model varchar(200) not null,
  revision int not null,
  sha256 char(64) character set ascii collate ascii_bin not null,
  size int not null,
  -- whether it becomes the next revision of ours, or a profile by itself
  as_next boolean not null,
  author varchar(100) not null,
  started_at datetime(3) not null,
  state varchar(8) not null,
  received int not null,
  says varchar(1000) not null,
  profile_id char(36) character set ascii collate ascii_bin,
  number int,
  -- when somebody last worked on it: whoever finds it left alone goes on with it
  touched_at datetime(3) not null,
  constraint neighbour_taking_neighbour foreign key (neighbour_id) references neighbour (id) on delete cascade
);
create index if not exists neighbour_taking_started on neighbour_taking (started_at);

create table if not exists neighbour_piece (
  taking_id char(36) character set ascii collate ascii_bin not null,
  from_byte int not null,
  bytes mediumblob not null,
  primary key (taking_id, from_byte),
  constraint neighbour_piece_taking foreign key (taking_id) references neighbour_taking (id) on delete cascade
);

-- Profiles of neighbours of which somebody wants to be told when there is a newer revision.
create table if not exists neighbour_watch (
  neighbour_id char(36) character set ascii collate ascii_bin not null,
  remote_id varchar(100) character set ascii collate ascii_bin not null,
  manufacturer varchar(200) not null,
  model varchar(200) not null,
  seen_revision int not null,
  newest_revision int not null,
  note varchar(1000) not null,
  told_at datetime(3),
  profile_id char(36) character set ascii collate ascii_bin,
  primary key (neighbour_id, remote_id),
  constraint neighbour_watch_neighbour foreign key (neighbour_id) references neighbour (id) on delete cascade,
  constraint neighbour_watch_profile foreign key (profile_id) references profile (id) on delete set null
);

-- What neighbours have of what colleagues wish for.
create table if not exists neighbour_hit (
  wanted_id char(36) character set ascii collate ascii_bin not null,
  neighbour_id char(36) character set ascii collate ascii_bin not null,
  remote_id varchar(100) character set ascii collate ascii_bin not null,
  manufacturer varchar(200) not null,
  model varchar(200) not null,
  revision int not null,
  primary key (wanted_id, neighbour_id, remote_id),
  constraint neighbour_hit_wanted foreign key (wanted_id) references wanted (id) on delete cascade,
  constraint neighbour_hit_neighbour foreign key (neighbour_id) references neighbour (id) on delete cascade
);
