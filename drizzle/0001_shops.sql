CREATE TABLE IF NOT EXISTS `shop_items` (
	`shop` varchar(24) NOT NULL,
	`list` varchar(16) NOT NULL,
	`id` varchar(40) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`seq` int NOT NULL,
	`document` json NOT NULL,
	CONSTRAINT `shop_items_shop_list_id_pk` PRIMARY KEY(`shop`,`list`,`id`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `shops` (
	`id` varchar(24) NOT NULL,
	`name` varchar(160) NOT NULL,
	`revision` int NOT NULL,
	`settings` json NOT NULL,
	`created_at` datetime(3) NOT NULL,
	`updated_at` datetime(3) NOT NULL,
	CONSTRAINT `shops_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `plans` ADD COLUMN IF NOT EXISTS `shop` varchar(24) DEFAULT 'main' NOT NULL;--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `shop_items_order` ON `shop_items` (`shop`,`list`,`seq`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `plans_shop` ON `plans` (`shop`);