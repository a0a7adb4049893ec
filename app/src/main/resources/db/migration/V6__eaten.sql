-- Nothing reads these two: who has looked at the settings, and a diet as free words.
alter table household drop column set_up;
alter table person drop column diet;

-- What it was instead of what was planned; null where the evening went as planned.
alter table slot add column eaten text;
