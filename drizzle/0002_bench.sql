CREATE TABLE `items` (
	`id` text PRIMARY KEY NOT NULL,
	`kind` text NOT NULL,
	`label` text NOT NULL,
	`archived` integer NOT NULL,
	`data` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `records` (
	`id` text PRIMARY KEY NOT NULL,
	`kind` text NOT NULL,
	`data` text NOT NULL,
	`at` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `staged_items` (
	`batch` text NOT NULL,
	`id` text NOT NULL,
	`data` text NOT NULL,
	`staged_at` text NOT NULL,
	PRIMARY KEY(`batch`, `id`)
);
--> statement-breakpoint
INSERT INTO `items` (`id`, `kind`, `label`, `archived`, `data`)
SELECT `id`, `item_kind`, `label`, 0, json_object('id', `id`, 'kind', `item_kind`, 'label', `label`, 'width', `width`, 'uncertainty', `uncertainty`, 'measuredAt', `measured_at`)
FROM (
	SELECT *, CASE `kind` WHEN 'broad' THEN 'broad-nib' WHEN 'pointed' THEN 'pointed-nib' WHEN 'brush' THEN 'brush-pen' ELSE 'pencils' END AS `item_kind` FROM `nibs`
);
