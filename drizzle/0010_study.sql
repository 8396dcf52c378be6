CREATE TABLE `study` (
	`hand` text NOT NULL,
	`unit` text NOT NULL,
	`memory` text NOT NULL,
	`ratings` text NOT NULL,
	PRIMARY KEY(`hand`, `unit`)
);
