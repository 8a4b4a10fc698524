CREATE TABLE `marks` (
	`name` text PRIMARY KEY NOT NULL,
	`at` integer NOT NULL
);
