ALTER TABLE `papers` ADD `sent_id` text;--> statement-breakpoint
CREATE UNIQUE INDEX `papers_sent_id_unique` ON `papers` (`sent_id`);