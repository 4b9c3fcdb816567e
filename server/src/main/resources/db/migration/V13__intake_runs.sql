-- Files that come in together: what became of each, so that the report outlives the page and the rest can be taken up again.
create table if not exists intake_run (
  id char(36) not null primary key,
  author varchar(100) not null,
  started_at datetime(3) not null,
  -- whether nobody wants to go on with it
  closed boolean not null
);
create index if not exists intake_run_started on intake_run (started_at);
create table if not exists intake_file (
  run_id char(36) not null,
  position int not null,
  name varchar(300) not null,
  size bigint not null,
  -- null until it was sent
  outcome varchar(8),
  says varchar(1000) not null,
  profile_id char(36),
  primary key (run_id, position),
  constraint intake_file_run foreign key (run_id) references intake_run (id)
);
