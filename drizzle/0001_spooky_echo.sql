CREATE TABLE `letter_sets` (
	`hand` text PRIMARY KEY NOT NULL,
	`content` text NOT NULL
);
