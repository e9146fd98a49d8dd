-- What each role may do with the tables: all of it, said anew by their owner after every migration. What is not said here is not allowed.
-- berm_app is the application: it can neither change nor empty what is only ever added to. berm_reader makes backups.
revoke all on all tables in schema public from berm_app, berm_reader;
grant usage on schema public to berm_app, berm_reader;

grant select on all tables in schema public to berm_app;
grant insert on log_entry, sheet, sheet_check, sheet_withdrawal, picture to berm_app;
grant insert, update on job, person, box, tool to berm_app;
grant insert, update, delete on kit_draft, job_crew, session, sign_in_try, instrument_token, instrument_reading, instrument_page,
  job_heard to berm_app;

-- A session or a token is a key to the door: no backup holds one.
grant select on all tables in schema public to berm_reader;
revoke all on session, sign_in_try, instrument_token, instrument_reading, instrument_page, job_heard from berm_reader;
