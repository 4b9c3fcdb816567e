-- Dated sets of revisions: made here of what stands on the House shelf (OURS), or taken in as the Reference shelf (THEIRS).
create table if not exists library_release (
  id char(36) not null primary key,
  origin varchar(6) not null,
  house varchar(120) not null,
  title varchar(120) not null,
  dated date not null,
  notes longtext not null,
  author varchar(100) not null,
  created_at datetime(3) not null,
  -- notes of the releases before it that its archive told of, as JSON
  earlier longtext not null
);
create index if not exists release_made on library_release (origin, created_at);

-- What a release says of each profile, withdrawn ones too: those name the last revision that was part of one.
create table if not exists release_profile (
  release_id char(36) not null,
  position int not null,
  profile_id char(36) not null,
  revision_id char(36) not null,
  kind varchar(9) not null,
  worst varchar(8),
  note varchar(1000) not null,
  primary key (release_id, position),
  constraint release_profile_release foreign key (release_id) references library_release (id),
  constraint release_profile_profile foreign key (profile_id) references profile (id),
  constraint release_profile_revision foreign key (revision_id) references revision (id)
);
