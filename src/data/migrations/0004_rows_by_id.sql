DROP TABLE `attempt_slips`;--> statement-breakpoint
DROP TABLE `attempts`;--> statement-breakpoint
ALTER TABLE `marking_sheets` DROP COLUMN `problems`;--> statement-breakpoint
ALTER TABLE `marking_sheets` DROP COLUMN `learners`;