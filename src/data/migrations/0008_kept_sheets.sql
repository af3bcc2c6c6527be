CREATE TABLE `kept_sheets` (
	`id` text PRIMARY KEY NOT NULL,
	`code` text NOT NULL,
	`name` text NOT NULL,
	`house` text NOT NULL,
	`rows` text NOT NULL,
	`drawing` integer NOT NULL,
	`seed` integer NOT NULL,
	`changed_at` integer NOT NULL,
	`archived_at` integer,
	`deleted_at` integer,
	`revision` integer DEFAULT 0 NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `kept_sheets_by_code` ON `kept_sheets` (`code`);--> statement-breakpoint
CREATE INDEX `kept_sheets_by_age` ON `kept_sheets` (`changed_at`);--> statement-breakpoint
CREATE TABLE `sheets_given` (
	`sheet_id` text NOT NULL,
	`learner_id` text NOT NULL,
	`at` integer NOT NULL,
	PRIMARY KEY(`sheet_id`, `learner_id`)
);
