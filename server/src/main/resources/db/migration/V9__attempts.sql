-- How often a job was begun: one that ends the application each time is set aside.
ALTER TABLE make_job ADD COLUMN attempts INT NOT NULL DEFAULT 0;
