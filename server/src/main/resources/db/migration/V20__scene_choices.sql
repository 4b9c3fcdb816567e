-- What was decided for a kind of fixture that scenes ask for, so that the next scene of the same house proposes it. A footprint of 0 is one
-- that nobody said.
create table if not exists scene_choice (
  spec varchar(300) character set utf8mb4 collate utf8mb4_bin not null,
  mode varchar(200) character set utf8mb4 collate utf8mb4_bin not null,
  footprint int not null,
  choice varchar(12) not null,
  profile_id char(36) character set ascii collate ascii_bin,
  our_mode varchar(200) not null,
  decided_by varchar(100) not null,
  decided_at datetime(3) not null,
  primary key (spec, mode, footprint),
  constraint scene_choice_profile foreign key (profile_id) references profile (id) on delete cascade
);
