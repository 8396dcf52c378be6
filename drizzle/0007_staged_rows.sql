CREATE TABLE `staged_rows` (
	`batch` text NOT NULL,
	`name` text NOT NULL,
	`number` integer NOT NULL,
	`data` text NOT NULL,
	`staged_at` text NOT NULL,
	PRIMARY KEY(`batch`, `name`, `number`)
);
