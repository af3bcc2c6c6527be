CREATE TABLE `own_things` (
	`id` text PRIMARY KEY NOT NULL,
	`kind` text NOT NULL,
	`state` text NOT NULL,
	`made` integer NOT NULL,
	`deleted_at` integer,
	`revision` integer DEFAULT 0 NOT NULL
);
--> statement-breakpoint
CREATE INDEX `own_things_by_kind` ON `own_things` (`kind`,`made`);