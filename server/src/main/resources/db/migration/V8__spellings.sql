-- Other spellings of makers: what comes in under one of them belongs to that maker.
create table if not exists manufacturer_spelling (
  name varchar(200) not null primary key,
  manufacturer_id char(36) not null,
  constraint spelling_manufacturer foreign key (manufacturer_id) references manufacturer (id)
);
