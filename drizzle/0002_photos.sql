CREATE TABLE IF NOT EXISTS `photos` (
	`id` varchar(24) NOT NULL,
	`type` varchar(16) NOT NULL,
	`bytes` mediumblob NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `photos_id` PRIMARY KEY(`id`)
);
