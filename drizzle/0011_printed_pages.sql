CREATE TABLE `printed_pages` (
	`id` text PRIMARY KEY NOT NULL,
	`print` text NOT NULL,
	`page` integer NOT NULL,
	`of` integer NOT NULL,
	`hash` text NOT NULL,
	`title` text NOT NULL,
	`engine` text NOT NULL,
	`at` text NOT NULL,
	`data` text NOT NULL
);
