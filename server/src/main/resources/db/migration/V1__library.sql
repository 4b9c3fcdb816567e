create table if not exists manufacturer (
  id char(36) not null primary key,
  name varchar(200) not null,
  constraint manufacturer_name unique (name)
);

-- Whatever belongs to files is kept once, by the SHA-256 of its bytes.
create table if not exists content (
  sha256 char(64) not null primary key,
  bytes longblob not null
);

create table if not exists profile (
  id char(36) not null primary key,
  manufacturer_id char(36) not null,
  name varchar(200) not null,
  fixture_type_id varchar(64),
  constraint profile_fixture_type unique (fixture_type_id),
  constraint profile_manufacturer foreign key (manufacturer_id) references manufacturer (id)
);
create index if not exists profile_name on profile (name);

-- A revision never changes.
create table if not exists revision (
  id char(36) not null primary key,
  profile_id char(36) not null,
  number int not null,
  summary varchar(500) not null,
  author varchar(100) not null,
  created_at datetime(3) not null,
  description_sha256 char(64) not null,
  file_sha256 char(64) not null,
  errors int not null,
  warnings int not null,
  constraint revision_number unique (profile_id, number),
  constraint revision_profile foreign key (profile_id) references profile (id),
  constraint revision_description foreign key (description_sha256) references content (sha256)
);

create table if not exists revision_entry (
  revision_id char(36) not null,
  position int not null,
  path varchar(512) not null,
  sha256 char(64) not null,
  primary key (revision_id, position),
  constraint entry_revision foreign key (revision_id) references revision (id),
  constraint entry_content foreign key (sha256) references content (sha256)
);

-- For lists and search.
create table if not exists revision_mode (
  revision_id char(36) not null,
  position int not null,
  name varchar(200) not null,
  footprint int not null,
  channels int not null,
  tail longtext not null,
  primary key (revision_id, position),
  constraint mode_revision foreign key (revision_id) references revision (id)
);

create table if not exists revision_attribute (
  revision_id char(36) not null,
  name varchar(200) not null,
  primary key (revision_id, name),
  constraint attribute_revision foreign key (revision_id) references revision (id)
);
