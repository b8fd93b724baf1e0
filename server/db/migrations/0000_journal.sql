CREATE TABLE `credential` (
	`person` text PRIMARY KEY NOT NULL,
	`pin_hash` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `entry` (
	`seq` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`id` text NOT NULL,
	`act_id` text NOT NULL,
	`kind` text NOT NULL,
	`version` integer NOT NULL,
	`occurred_at_ms` integer NOT NULL,
	`recorded_at_ms` integer NOT NULL,
	`actor` text NOT NULL,
	`payload` text NOT NULL,
	`overrules` text,
	`corrects` text
);
--> statement-breakpoint
CREATE UNIQUE INDEX `entry_id_unique` ON `entry` (`id`);--> statement-breakpoint
CREATE INDEX `entry_act` ON `entry` (`act_id`);--> statement-breakpoint
CREATE TABLE `meta` (
	`key` text PRIMARY KEY NOT NULL,
	`value` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `session` (
	`id` text PRIMARY KEY NOT NULL,
	`data` text NOT NULL,
	`expires_at_ms` integer NOT NULL
);
