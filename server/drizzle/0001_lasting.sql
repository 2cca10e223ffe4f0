CREATE TABLE `marks` (
	`name` text PRIMARY KEY NOT NULL,
	`at` text NOT NULL
);
--> statement-breakpoint
ALTER TABLE `goods` ADD `format` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `house` ADD `version` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `house` ADD `format` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `lots` ADD `format` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `orders` ADD `deleted_at` text;--> statement-breakpoint
ALTER TABLE `orders` ADD `format` integer DEFAULT 1 NOT NULL;