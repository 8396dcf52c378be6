CREATE TABLE `pictures` (
	`id` text PRIMARY KEY NOT NULL,
	`type` text NOT NULL,
	`bytes` blob NOT NULL,
	`added_at` text NOT NULL
);
