CREATE TABLE `boards` (
	`id` text PRIMARY KEY NOT NULL,
	`version` integer NOT NULL,
	`problem` text NOT NULL,
	`method` text NOT NULL,
	`house` text NOT NULL,
	`step` integer NOT NULL,
	`guess` text NOT NULL,
	`name` text NOT NULL,
	`pinned` integer NOT NULL,
	`opened_at` integer NOT NULL,
	`deleted_at` integer
);
--> statement-breakpoint
CREATE INDEX `boards_by_age` ON `boards` (`pinned`,`opened_at`);--> statement-breakpoint
CREATE TABLE `settings` (
	`name` text PRIMARY KEY NOT NULL,
	`value` text NOT NULL
);
