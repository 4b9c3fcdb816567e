create table t (a int not null primary key);
