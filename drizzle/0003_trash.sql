ALTER TABLE `photos` ADD COLUMN IF NOT EXISTS `unnamed_since` datetime(3);--> statement-breakpoint
ALTER TABLE `plans` ADD COLUMN IF NOT EXISTS `deleted_at` datetime(3);--> statement-breakpoint
ALTER TABLE `shops` ADD COLUMN IF NOT EXISTS `deleted_at` datetime(3);