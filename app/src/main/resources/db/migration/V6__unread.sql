-- Nothing reads these two: who has looked at the settings, and a diet as free words.
alter table household drop column set_up;
alter table person drop column diet;
