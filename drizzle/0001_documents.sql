CREATE TABLE `documents` (
	`kind` text NOT NULL,
	`id` text NOT NULL,
	`document` text NOT NULL,
	`revision` integer NOT NULL,
	`created_at` integer NOT NULL,
	`updated_at` integer NOT NULL,
	`deleted_at` integer,
	PRIMARY KEY(`kind`, `id`)
);
--> statement-breakpoint
INSERT INTO `documents` (`kind`, `id`, `document`, `revision`, `created_at`, `updated_at`, `deleted_at`)
SELECT 'plans', `id`, `document`, `revision`, `created_at`, `updated_at`, `deleted_at` FROM `plans`;
