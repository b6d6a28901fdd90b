CREATE TABLE IF NOT EXISTS `plans` (
	`id` varchar(24) NOT NULL,
	`name` varchar(160) NOT NULL,
	`revision` int NOT NULL,
	`document` json NOT NULL,
	`created_at` datetime(3) NOT NULL,
	`updated_at` datetime(3) NOT NULL,
	CONSTRAINT `plans_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `plans_updated_at` ON `plans` (`updated_at`);