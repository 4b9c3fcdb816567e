-- The house's gobos: each picture once, by its content.
create table if not exists gobo (
  id char(36) not null primary key,
  name varchar(120) not null,
  tags varchar(300) not null,
  maker varchar(120) not null,
  maker_number varchar(60) not null,
  origin varchar(300) not null,
  rights varchar(300) not null,
  picture_sha256 char(64) not null,
  outline_sha256 char(64) not null,
  size int not null,
  author varchar(100) not null,
  created_at datetime(3) not null,
  constraint gobo_picture unique (picture_sha256),
  constraint gobo_picture_content foreign key (picture_sha256) references content (sha256),
  constraint gobo_outline_content foreign key (outline_sha256) references content (sha256)
);
create index if not exists gobo_name on gobo (name);
create index if not exists entry_content_used on revision_entry (sha256);
create index if not exists draft_entry_content_used on draft_entry (sha256);

-- What a production puts into a lamp: a profile that derives from a revision of another one and keeps its DMX map.
create table if not exists production_load (
  profile_id char(36) not null primary key,
  production varchar(120) not null,
  origin_revision_id char(36) not null,
  constraint load_profile foreign key (profile_id) references profile (id),
  constraint load_origin foreign key (origin_revision_id) references revision (id)
);
create index if not exists load_production on production_load (production);
