CREATE TABLE `learner_attempts` (
	`id` integer PRIMARY KEY NOT NULL,
	`learner_id` text NOT NULL,
	`at` integer NOT NULL,
	`row_id` text,
	`task_id` integer NOT NULL,
	`given` text NOT NULL,
	`verdict` text NOT NULL,
	`faults` text NOT NULL,
	`slips` text NOT NULL,
	`shown` text NOT NULL,
	`probability` real,
	`chosen` integer NOT NULL,
	`note` text NOT NULL,
	`revision` integer DEFAULT 0 NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `attempts_by_row` ON `learner_attempts` (`row_id`,`learner_id`);--> statement-breakpoint
CREATE INDEX `attempts_by_age` ON `learner_attempts` (`learner_id`,`at`);--> statement-breakpoint
CREATE TABLE `changes` (
	`id` integer PRIMARY KEY NOT NULL,
	`revision` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `papers` (
	`attempt_id` integer PRIMARY KEY NOT NULL,
	`marks` text NOT NULL,
	`hints` integer NOT NULL,
	`estimate` text NOT NULL,
	`judged` text NOT NULL,
	`seconds` integer
);
--> statement-breakpoint
CREATE TABLE `set_aside` (
	`id` integer PRIMARY KEY NOT NULL,
	`origin` text NOT NULL,
	`content` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `sheet_learners` (
	`sheet_id` text NOT NULL,
	`learner_id` text NOT NULL,
	`position` integer NOT NULL,
	`removed_at` integer,
	PRIMARY KEY(`sheet_id`, `learner_id`)
);
--> statement-breakpoint
CREATE TABLE `sheet_rows` (
	`id` text PRIMARY KEY NOT NULL,
	`sheet_id` text NOT NULL,
	`position` integer NOT NULL,
	`problem` text NOT NULL,
	`removed_at` integer
);
--> statement-breakpoint
CREATE INDEX `rows_by_sheet` ON `sheet_rows` (`sheet_id`,`position`);--> statement-breakpoint
CREATE TABLE `slip_counts` (
	`learner_id` text NOT NULL,
	`slip` text NOT NULL,
	`shown` integer NOT NULL,
	`chances` integer NOT NULL,
	PRIMARY KEY(`learner_id`, `slip`)
);
--> statement-breakpoint
CREATE TABLE `tasks` (
	`id` integer PRIMARY KEY NOT NULL,
	`problem` text NOT NULL,
	`house` text NOT NULL,
	`chances` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `tasks_by_text` ON `tasks` (`problem`,`house`);--> statement-breakpoint
ALTER TABLE `boards` ADD `revision` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `learners` ADD `answers` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `learners` ADD `revision` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `marking_sheets` ADD `revision` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `marking_sheets` ADD `shape` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `settings` ADD `revision` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
INSERT INTO `changes` (`id`, `revision`) VALUES (1, 1);--> statement-breakpoint
UPDATE `boards` SET `revision` = 1;--> statement-breakpoint
UPDATE `settings` SET `revision` = 1;--> statement-breakpoint
UPDATE `learners` SET `revision` = 1, `answers` = (SELECT count(*) FROM `attempts` a WHERE a.`learner_id` = `learners`.`id`);--> statement-breakpoint
INSERT INTO `set_aside` (`origin`, `content`)
	SELECT 'marking_sheets', json_object('id', `id`, 'house', `house`, 'problems', `problems`, 'learners', `learners`, 'openedAt', `opened_at`, 'deletedAt', `deleted_at`)
	FROM `marking_sheets` WHERE NOT json_valid(`problems`) OR NOT json_valid(`learners`);--> statement-breakpoint
DELETE FROM `marking_sheets` WHERE NOT json_valid(`problems`) OR NOT json_valid(`learners`);--> statement-breakpoint
UPDATE `marking_sheets` SET `revision` = 1, `shape` = 1;--> statement-breakpoint
INSERT INTO `sheet_rows` (`id`, `sheet_id`, `position`, `problem`)
	SELECT lower(hex(randomblob(10))), s.`id`, j.`key`, CAST(j.`value` AS text)
	FROM `marking_sheets` s, json_each(CASE WHEN json_valid(s.`problems`) THEN s.`problems` ELSE '[]' END) j;--> statement-breakpoint
INSERT OR IGNORE INTO `sheet_learners` (`sheet_id`, `learner_id`, `position`)
	SELECT s.`id`, CAST(j.`value` AS text), j.`key`
	FROM `marking_sheets` s, json_each(CASE WHEN json_valid(s.`learners`) THEN s.`learners` ELSE '[]' END) j;--> statement-breakpoint
INSERT OR IGNORE INTO `tasks` (`problem`, `house`, `chances`) SELECT DISTINCT `problem`, `house`, '' FROM `attempts`;--> statement-breakpoint
CREATE TABLE `moved` (`id` integer PRIMARY KEY, `old` text NOT NULL, `task` integer NOT NULL, `alone` integer NOT NULL);--> statement-breakpoint
INSERT INTO `moved` (`old`, `task`, `alone`)
	SELECT a.`id`, t.`id`, a.`marks` IS NULL AND EXISTS (SELECT 1 FROM `attempt_slips` s WHERE s.`attempt_id` = a.`id`)
	FROM `attempts` a JOIN `tasks` t ON t.`problem` = a.`problem` AND t.`house` = a.`house` ORDER BY a.`at`;--> statement-breakpoint
CREATE INDEX `moved_by_task` ON `moved` (`task`, `alone`);--> statement-breakpoint
UPDATE `tasks` SET `chances` = (SELECT json_group_array(s.`slip`) FROM `attempt_slips` s
	WHERE s.`attempt_id` = (SELECT m.`old` FROM `moved` m WHERE m.`task` = `tasks`.`id` AND m.`alone` = 1 LIMIT 1))
	WHERE EXISTS (SELECT 1 FROM `moved` m WHERE m.`task` = `tasks`.`id` AND m.`alone` = 1);--> statement-breakpoint
INSERT INTO `learner_attempts` (`id`, `learner_id`, `at`, `row_id`, `task_id`, `given`, `verdict`, `faults`, `slips`, `shown`, `probability`, `chosen`, `note`, `revision`)
	SELECT m.`id`, a.`learner_id`, a.`at`, r.`id`, m.`task`, a.`given`, a.`verdict`, '[]',
		CASE WHEN json_valid(a.`slips`) THEN a.`slips` ELSE '[]' END,
		(SELECT json_group_array(s.`slip`) FROM `attempt_slips` s WHERE s.`attempt_id` = a.`id` AND s.`shown` = 1),
		a.`probability`, a.`chosen`, a.`note`, 1
	FROM `moved` m JOIN `attempts` a ON a.`id` = m.`old`
	LEFT JOIN `sheet_rows` r ON r.`sheet_id` = a.`sheet_id` AND r.`position` = a.`row`;--> statement-breakpoint
INSERT INTO `papers` (`attempt_id`, `marks`, `hints`, `estimate`, `judged`, `seconds`)
	SELECT m.`id`, a.`marks`, a.`hints`, a.`estimate`, coalesce((SELECT s.`slip` FROM `attempt_slips` s WHERE s.`attempt_id` = a.`id` AND s.`slip` = 'check-times-always-grows' LIMIT 1), ''), a.`seconds`
	FROM `moved` m JOIN `attempts` a ON a.`id` = m.`old` WHERE a.`marks` IS NOT NULL;--> statement-breakpoint
INSERT INTO `slip_counts` (`learner_id`, `slip`, `shown`, `chances`)
	SELECT `learner_id`, `slip`, sum(`shown`), count(*) FROM `attempt_slips` GROUP BY `learner_id`, `slip`;--> statement-breakpoint
DROP TABLE `moved`;
