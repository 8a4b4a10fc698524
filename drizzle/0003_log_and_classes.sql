CREATE TABLE `classes` (
	`plan_id` text PRIMARY KEY NOT NULL,
	`code` text NOT NULL,
	`opened_at` integer NOT NULL,
	`ends_at` integer NOT NULL,
	`closed_at` integer
);
--> statement-breakpoint
CREATE TABLE `log_lines` (
	`seq` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`plan_id` text NOT NULL,
	`group_name` text NOT NULL,
	`entry_id` text NOT NULL,
	`revision` integer NOT NULL,
	`entry` text NOT NULL,
	`struck` integer NOT NULL,
	`author` text NOT NULL,
	`at` integer NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `log_lines_entry` ON `log_lines` (`plan_id`,`entry_id`,`revision`);--> statement-breakpoint
CREATE INDEX `log_lines_plan` ON `log_lines` (`plan_id`,`seq`);--> statement-breakpoint
CREATE TABLE `secrets` (
	`name` text PRIMARY KEY NOT NULL,
	`value` text NOT NULL
);
