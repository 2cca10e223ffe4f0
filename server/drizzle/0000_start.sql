CREATE TABLE `goods` (
	`id` text PRIMARY KEY NOT NULL,
	`kind` text NOT NULL,
	`name` text NOT NULL,
	`doc` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `house` (
	`id` integer PRIMARY KEY NOT NULL,
	`doc` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `lots` (
	`good_id` text NOT NULL,
	`id` text NOT NULL,
	`doc` text NOT NULL,
	PRIMARY KEY(`good_id`, `id`),
	FOREIGN KEY (`good_id`) REFERENCES `goods`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `orders` (
	`id` text PRIMARY KEY NOT NULL,
	`version` integer NOT NULL,
	`serving_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`doc` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `orders_by_serving` ON `orders` (`serving_at`);