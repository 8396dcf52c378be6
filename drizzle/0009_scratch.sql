CREATE TABLE `scratch` (
	`id` text PRIMARY KEY NOT NULL,
	`at` text NOT NULL
);
