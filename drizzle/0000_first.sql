CREATE TABLE `nibs` (
	`id` text PRIMARY KEY NOT NULL,
	`kind` text NOT NULL,
	`label` text NOT NULL,
	`width` real NOT NULL,
	`uncertainty` real,
	`measured_at` text
);
--> statement-breakpoint
CREATE TABLE `printers` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`measured_x` real NOT NULL,
	`measured_y` real NOT NULL,
	`selected` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `sheets` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`recipe` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`deleted_at` text
);
