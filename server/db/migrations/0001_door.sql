CREATE TABLE `attempt` (
	`key` text PRIMARY KEY NOT NULL,
	`points` integer DEFAULT 0 NOT NULL,
	`expire` integer
);
--> statement-breakpoint
CREATE TABLE `device` (
	`id` text NOT NULL,
	`person` text NOT NULL,
	`at_ms` integer NOT NULL,
	PRIMARY KEY(`id`, `person`)
);
