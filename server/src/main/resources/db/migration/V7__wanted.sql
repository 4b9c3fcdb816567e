-- Profiles that colleagues have asked for.
create table if not exists wanted (
  id char(36) not null primary key,
  version int not null,
  maker varchar(120) not null,
  model varchar(120) not null,
  mode varchar(120) not null,
  needed_by date,
  words varchar(500) not null,
  asked_by varchar(100) not null,
  asked_at datetime(3) not null,
  taken_by varchar(100),
  answer_revision_id char(36),
  answered_at datetime(3),
  constraint wanted_answer foreign key (answer_revision_id) references revision (id)
);

-- Charts and photographs that came with a wish.
create table if not exists wanted_file (
  wanted_id char(36) not null,
  name varchar(200) not null,
  sha256 char(64) not null,
  primary key (wanted_id, name),
  constraint wanted_file_wanted foreign key (wanted_id) references wanted (id),
  constraint wanted_file_content foreign key (sha256) references content (sha256)
);

-- What a profile was written from: it stays with it.
create table if not exists profile_source (
  profile_id char(36) not null,
  name varchar(200) not null,
  sha256 char(64) not null,
  added_by varchar(100) not null,
  added_at datetime(3) not null,
  primary key (profile_id, name),
  constraint source_profile foreign key (profile_id) references profile (id),
  constraint source_content foreign key (sha256) references content (sha256)
);
