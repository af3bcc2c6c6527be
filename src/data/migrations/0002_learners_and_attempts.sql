CREATE TABLE `attempt_slips` (
	`attempt_id` text NOT NULL,
	`learner_id` text NOT NULL,
	`slip` text NOT NULL,
	`shown` integer NOT NULL,
	PRIMARY KEY(`attempt_id`, `slip`)
);
--> statement-breakpoint
CREATE INDEX `slips_by_learner` ON `attempt_slips` (`learner_id`,`slip`,`shown`);--> statement-breakpoint
CREATE TABLE `attempts` (
	`id` text PRIMARY KEY NOT NULL,
	`learner_id` text NOT NULL,
	`at` integer NOT NULL,
	`sheet_id` text,
	`row` integer,
	`problem` text NOT NULL,
	`house` text NOT NULL,
	`given` text NOT NULL,
	`verdict` text NOT NULL,
	`slips` text NOT NULL,
	`probability` real,
	`chosen` integer NOT NULL,
	`note` text NOT NULL,
	`marks` text,
	`hints` integer NOT NULL,
	`estimate` text NOT NULL,
	`seconds` integer
);
--> statement-breakpoint
CREATE UNIQUE INDEX `attempts_on_sheets` ON `attempts` (`sheet_id`,`row`,`learner_id`);--> statement-breakpoint
CREATE INDEX `attempts_by_learner` ON `attempts` (`learner_id`,`at`);--> statement-breakpoint
CREATE TABLE `learners` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`created_at` integer NOT NULL,
	`removed_at` integer
);
--> statement-breakpoint
CREATE TABLE `marking_sheets` (
	`id` text PRIMARY KEY NOT NULL,
	`house` text NOT NULL,
	`problems` text NOT NULL,
	`learners` text NOT NULL,
	`opened_at` integer NOT NULL,
	`deleted_at` integer
);
