ALTER TABLE `orders` ADD `weighings` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
CREATE INDEX `orders_by_weighings` ON `orders` (`weighings`);--> statement-breakpoint
UPDATE `orders` SET `weighings` = json_array_length(`doc`, '$.cutting.entries') WHERE json_valid(`doc`) AND json_type(`doc`, '$.cutting.entries') = 'array';
