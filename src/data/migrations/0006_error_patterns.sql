ALTER TABLE `slip_counts` RENAME TO `pattern_counts`;--> statement-breakpoint
ALTER TABLE `pattern_counts` RENAME COLUMN "slip" TO "pattern";--> statement-breakpoint
ALTER TABLE `learner_attempts` RENAME COLUMN "slips" TO "patterns";--> statement-breakpoint
UPDATE `papers` SET `marks` = replace(`marks`, '"seat":', '"position":');
