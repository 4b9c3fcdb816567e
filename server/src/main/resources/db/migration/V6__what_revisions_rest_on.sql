-- What a revision rests on, and whether it was withdrawn; the revision itself never changes.
create table if not exists revision_facts (
  revision_id char(36) not null primary key,
  firmware varchar(60) not null,
  rests_on varchar(12) not null,
  from_whom varchar(200) not null,
  constraint facts_revision foreign key (revision_id) references revision (id)
);
create table if not exists revision_withdrawn (
  revision_id char(36) not null primary key,
  why varchar(300) not null,
  author varchar(100) not null,
  created_at datetime(3) not null,
  constraint withdrawn_revision foreign key (revision_id) references revision (id)
);

-- What a copy was taken from, so that it is told when that moves on.
create table if not exists profile_origin (
  profile_id char(36) not null primary key,
  origin_revision_id char(36) not null,
  constraint origin_profile foreign key (profile_id) references profile (id),
  constraint origin_revision foreign key (origin_revision_id) references revision (id)
);

-- What the house calls a profile beside its name, and what it is found by.
create table if not exists profile_facts (
  profile_id char(36) not null primary key,
  version int not null,
  tags varchar(300) not null,
  other_names varchar(300) not null,
  constraint profile_facts_profile foreign key (profile_id) references profile (id)
);
