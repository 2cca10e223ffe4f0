CREATE TABLE `tastings` (
	`id` text PRIMARY KEY NOT NULL,
	`version` integer NOT NULL,
	`started_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`deleted_at` text,
	`format` integer DEFAULT 1 NOT NULL,
	`doc` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `tastings_by_start` ON `tastings` (`started_at`);