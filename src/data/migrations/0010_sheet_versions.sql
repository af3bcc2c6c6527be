CREATE TABLE `sheet_versions` (
	`code` text PRIMARY KEY NOT NULL,
	`sheet_id` text NOT NULL,
	`name` text NOT NULL,
	`house` text NOT NULL,
	`rows` text NOT NULL,
	`marked_as` text NOT NULL,
	`given_out_at` integer NOT NULL
);
