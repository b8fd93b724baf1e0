CREATE TABLE `p_chore` (
	`id` text PRIMARY KEY NOT NULL,
	`entry` text NOT NULL,
	`name` text NOT NULL,
	`planned` text NOT NULL,
	`planned_ms` integer NOT NULL,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `p_chore_done` (
	`entry` text NOT NULL,
	`chore` text NOT NULL,
	`place` text NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text
);
--> statement-breakpoint
CREATE INDEX `p_chore_done_place` ON `p_chore_done` (`chore`,`place`,`at_ms`);--> statement-breakpoint
CREATE INDEX `p_chore_done_at` ON `p_chore_done` (`chore`,`at_ms`);--> statement-breakpoint
CREATE INDEX `p_chore_done_entry` ON `p_chore_done` (`entry`);--> statement-breakpoint
CREATE TABLE `p_due_assigned` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`due` text NOT NULL,
	`person` text
);
--> statement-breakpoint
CREATE INDEX `p_due_assigned_due` ON `p_due_assigned` (`due`);--> statement-breakpoint
CREATE TABLE `p_top_up` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`tank` text NOT NULL,
	`litres` real NOT NULL,
	`salinity_ppt` real NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_top_up_tank` ON `p_top_up` (`tank`,`at_ms`);--> statement-breakpoint
CREATE TABLE `p_absence` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`bag` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_absence_bag` ON `p_absence` (`bag`);--> statement-breakpoint
CREATE TABLE `p_arrival` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`crate` text NOT NULL,
	`carton` text NOT NULL,
	`note` text
);
--> statement-breakpoint
CREATE INDEX `p_arrival_crate` ON `p_arrival` (`crate`);--> statement-breakpoint
CREATE TABLE `p_assignment` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`bag` text NOT NULL,
	`tank` text NOT NULL,
	`overruled` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_assignment_bag` ON `p_assignment` (`bag`,`at_ms`);--> statement-breakpoint
CREATE INDEX `p_assignment_tank` ON `p_assignment` (`tank`);--> statement-breakpoint
CREATE TABLE `p_bag` (
	`id` text PRIMARY KEY NOT NULL,
	`entry` text NOT NULL,
	`voided_by` text,
	`crate` text NOT NULL,
	`label` text NOT NULL,
	`box` integer NOT NULL,
	`ord` integer NOT NULL,
	`lot` text NOT NULL,
	`listed` integer NOT NULL,
	`free` integer DEFAULT 0 NOT NULL,
	`water_l` real,
	`price` real
);
--> statement-breakpoint
CREATE INDEX `p_bag_crate` ON `p_bag` (`crate`);--> statement-breakpoint
CREATE INDEX `p_bag_lot` ON `p_bag` (`lot`);--> statement-breakpoint
CREATE TABLE `p_bag_plan` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`bag` text NOT NULL,
	`lot` text NOT NULL,
	`tank` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_bag_plan_bag` ON `p_bag_plan` (`bag`,`at_ms`);--> statement-breakpoint
CREATE INDEX `p_bag_plan_tank` ON `p_bag_plan` (`tank`);--> statement-breakpoint
CREATE INDEX `p_bag_plan_at` ON `p_bag_plan` (`at_ms`);--> statement-breakpoint
CREATE TABLE `p_box_opened` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`crate` text NOT NULL,
	`box` integer,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_box_opened_crate` ON `p_box_opened` (`crate`);--> statement-breakpoint
CREATE TABLE `p_claim` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`crate` text NOT NULL,
	`what` text NOT NULL,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_claim_crate` ON `p_claim` (`crate`);--> statement-breakpoint
CREATE TABLE `p_clean_water` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`bag` text NOT NULL,
	`lot` text NOT NULL,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_clean_water_bag` ON `p_clean_water` (`bag`);--> statement-breakpoint
CREATE INDEX `p_clean_water_lot` ON `p_clean_water` (`lot`);--> statement-breakpoint
CREATE TABLE `p_crate` (
	`id` text PRIMARY KEY NOT NULL,
	`entry` text NOT NULL,
	`voided_by` text,
	`label` text NOT NULL,
	`supplier` text NOT NULL,
	`packed_at_ms` integer NOT NULL,
	`promised_at_ms` integer NOT NULL,
	`stated` text NOT NULL,
	`told` text,
	`remarks` text,
	`of_order` text,
	`currency` text,
	`changed` text
);
--> statement-breakpoint
CREATE INDEX `p_crate_promised` ON `p_crate` (`promised_at_ms`);--> statement-breakpoint
CREATE INDEX `p_crate_order` ON `p_crate` (`of_order`);--> statement-breakpoint
CREATE TABLE `p_float` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`id` text NOT NULL,
	`bag` text NOT NULL,
	`lot` text NOT NULL,
	`tank` text NOT NULL,
	`n` integer NOT NULL,
	`minutes` real NOT NULL,
	`bag_c` real NOT NULL,
	`bag_method` text NOT NULL,
	`tank_c` real NOT NULL,
	`water_l` real NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `p_float_id_unique` ON `p_float` (`id`);--> statement-breakpoint
CREATE INDEX `p_float_bag` ON `p_float` (`bag`);--> statement-breakpoint
CREATE TABLE `p_given_up` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`crate` text NOT NULL,
	`why` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_given_up_crate` ON `p_given_up` (`crate`);--> statement-breakpoint
CREATE TABLE `p_landing` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`bag` text NOT NULL,
	`crate` text NOT NULL,
	`lot` text NOT NULL,
	`alive` integer NOT NULL,
	`dead` integer NOT NULL,
	`quality` text NOT NULL,
	`condition` text NOT NULL,
	`bag_condition` text NOT NULL,
	`each` text,
	`sex` text,
	`size_cm` real,
	`note` text
);
--> statement-breakpoint
CREATE INDEX `p_landing_bag` ON `p_landing` (`bag`);--> statement-breakpoint
CREATE INDEX `p_landing_lot` ON `p_landing` (`lot`,`at_ms`);--> statement-breakpoint
CREATE TABLE `p_lot` (
	`id` text PRIMARY KEY NOT NULL,
	`entry` text NOT NULL,
	`voided_by` text,
	`label` text NOT NULL,
	`species` text,
	`heard_as` text,
	`size_cm` real,
	`origin` text NOT NULL,
	`supplier` text,
	`crate` text,
	`instead_of` text,
	`sure` text,
	`evidence` text,
	`line` text
);
--> statement-breakpoint
CREATE INDEX `p_lot_kin` ON `p_lot` (`supplier`,`species`);--> statement-breakpoint
CREATE INDEX `p_lot_crate` ON `p_lot` (`crate`,`line`);--> statement-breakpoint
CREATE TABLE `p_method` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`bag` text NOT NULL,
	`lot` text NOT NULL,
	`method` text NOT NULL,
	`advised` text,
	`why` text,
	`compared` text,
	`overruled` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_method_bag` ON `p_method` (`bag`,`at_ms`);--> statement-breakpoint
CREATE TABLE `p_photo` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`id` text NOT NULL,
	`subject_kind` text NOT NULL,
	`subject` text NOT NULL,
	`shows` text NOT NULL,
	`sha` text NOT NULL,
	`small_sha` text NOT NULL,
	`picture` text NOT NULL,
	`small` text NOT NULL,
	`note` text
);
--> statement-breakpoint
CREATE INDEX `p_photo_subject` ON `p_photo` (`subject`,`at_ms`);--> statement-breakpoint
CREATE INDEX `p_photo_sha` ON `p_photo` (`sha`);--> statement-breakpoint
CREATE INDEX `p_photo_small` ON `p_photo` (`small_sha`);--> statement-breakpoint
CREATE TABLE `p_release` (
	`entry` text NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`bag` text,
	`run` text,
	`lot` text NOT NULL,
	`tank` text NOT NULL,
	`alive` integer NOT NULL,
	`dead` integer NOT NULL,
	PRIMARY KEY(`entry`, `tank`)
);
--> statement-breakpoint
CREATE INDEX `p_release_bag` ON `p_release` (`bag`);--> statement-breakpoint
CREATE INDEX `p_release_tank` ON `p_release` (`tank`,`at_ms`);--> statement-breakpoint
CREATE INDEX `p_release_at` ON `p_release` (`at_ms`);--> statement-breakpoint
CREATE TABLE `p_route` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`bag` text NOT NULL,
	`lot` text NOT NULL,
	`route` text NOT NULL,
	`why` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_route_bag` ON `p_route` (`bag`,`at_ms`);--> statement-breakpoint
CREATE INDEX `p_route_lot` ON `p_route` (`lot`);--> statement-breakpoint
CREATE TABLE `p_taught` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`supplier` text NOT NULL,
	`columns` text NOT NULL,
	`names` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_taught_supplier` ON `p_taught` (`supplier`);--> statement-breakpoint
CREATE TABLE `p_healing` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`id` text NOT NULL,
	`lot` text NOT NULL,
	`what` text NOT NULL,
	`measured_by` text NOT NULL,
	`until` real NOT NULL,
	`every_days` integer NOT NULL,
	`note` text
);
--> statement-breakpoint
CREATE UNIQUE INDEX `p_healing_id_unique` ON `p_healing` (`id`);--> statement-breakpoint
CREATE INDEX `p_healing_lot` ON `p_healing` (`lot`);--> statement-breakpoint
CREATE TABLE `p_healing_end` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`healing` text NOT NULL,
	`how` text NOT NULL,
	`why` text
);
--> statement-breakpoint
CREATE INDEX `p_healing_end_healing` ON `p_healing_end` (`healing`);--> statement-breakpoint
CREATE TABLE `p_healing_measure` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`healing` text NOT NULL,
	`value` real NOT NULL,
	`note` text
);
--> statement-breakpoint
CREATE INDEX `p_healing_measure_healing` ON `p_healing_measure` (`healing`,`at_ms`);--> statement-breakpoint
CREATE TABLE `p_arrangement` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`tank` text NOT NULL,
	`did` text NOT NULL,
	`note` text
);
--> statement-breakpoint
CREATE INDEX `p_arrangement_tank` ON `p_arrangement` (`tank`,`at_ms`);--> statement-breakpoint
CREATE TABLE `p_behaviour` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`tank` text NOT NULL,
	`lot` text NOT NULL,
	`what` text NOT NULL,
	`note` text
);
--> statement-breakpoint
CREATE INDEX `p_behaviour_lot` ON `p_behaviour` (`lot`,`at_ms`);--> statement-breakpoint
CREATE TABLE `p_sexed` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`lot` text NOT NULL,
	`males` integer NOT NULL,
	`females` integer NOT NULL,
	`sure` text NOT NULL,
	`note` text
);
--> statement-breakpoint
CREATE INDEX `p_sexed_lot` ON `p_sexed` (`lot`,`at_ms`);--> statement-breakpoint
CREATE TABLE `p_answer` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`reading` text NOT NULL,
	`did` text NOT NULL,
	`retest_at_ms` integer,
	`note` text
);
--> statement-breakpoint
CREATE INDEX `p_answer_reading` ON `p_answer` (`reading`,`at_ms`);--> statement-breakpoint
CREATE INDEX `p_answer_at` ON `p_answer` (`at_ms`);--> statement-breakpoint
CREATE TABLE `p_filter_word` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`system` text NOT NULL,
	`says` text NOT NULL,
	`note` text
);
--> statement-breakpoint
CREATE INDEX `p_filter_word_system` ON `p_filter_word` (`system`,`at_ms`);--> statement-breakpoint
CREATE TABLE `p_kit` (
	`id` text PRIMARY KEY NOT NULL,
	`entry` text NOT NULL,
	`name` text NOT NULL,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `p_test_plan` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`system` text NOT NULL,
	`every` text NOT NULL,
	`limits` text NOT NULL,
	`note` text
);
--> statement-breakpoint
CREATE INDEX `p_test_plan_system` ON `p_test_plan` (`system`,`at_ms`);--> statement-breakpoint
CREATE TABLE `p_change` (
	`entry` text NOT NULL,
	`of` text NOT NULL,
	`fields` text NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	PRIMARY KEY(`of`, `entry`)
);
--> statement-breakpoint
CREATE TABLE `p_house` (
	`id` integer PRIMARY KEY NOT NULL,
	`entry` text NOT NULL,
	`at_ms` integer NOT NULL,
	`name` text NOT NULL,
	`zone` text NOT NULL,
	`rules` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `p_person` (
	`id` text PRIMARY KEY NOT NULL,
	`entry` text NOT NULL,
	`voided_by` text,
	`name` text NOT NULL,
	`title` text NOT NULL,
	`role` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `p_preference` (
	`person` text PRIMARY KEY NOT NULL,
	`entry` text NOT NULL,
	`at_ms` integer NOT NULL,
	`temperature` text NOT NULL,
	`volume` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `p_rack` (
	`id` text PRIMARY KEY NOT NULL,
	`entry` text NOT NULL,
	`voided_by` text,
	`room` text NOT NULL,
	`name` text NOT NULL,
	`walk` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `p_retirement` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`what` text NOT NULL,
	`thing` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_retirement_thing` ON `p_retirement` (`thing`);--> statement-breakpoint
CREATE TABLE `p_rules` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`rules` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `p_species` (
	`id` text PRIMARY KEY NOT NULL,
	`entry` text NOT NULL,
	`voided_by` text,
	`scientific` text,
	`common` text NOT NULL,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `p_supplier` (
	`id` text PRIMARY KEY NOT NULL,
	`entry` text NOT NULL,
	`voided_by` text,
	`name` text NOT NULL,
	`transit` text NOT NULL,
	`changed` text,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `p_system` (
	`id` text PRIMARY KEY NOT NULL,
	`entry` text NOT NULL,
	`voided_by` text,
	`name` text NOT NULL,
	`type` text NOT NULL,
	`temperature_c` real NOT NULL,
	`salinity_ppt` real NOT NULL,
	`volume_l` real NOT NULL
);
--> statement-breakpoint
CREATE TABLE `p_tank_system` (
	`entry` text NOT NULL,
	`tank` text NOT NULL,
	`system` text NOT NULL,
	`at_ms` integer NOT NULL,
	PRIMARY KEY(`entry`, `tank`)
);
--> statement-breakpoint
CREATE TABLE `p_tank` (
	`id` text PRIMARY KEY NOT NULL,
	`entry` text NOT NULL,
	`voided_by` text,
	`rack` text NOT NULL,
	`system` text NOT NULL,
	`code` text NOT NULL,
	`volume_l` real NOT NULL,
	`purpose` text NOT NULL,
	`lid` integer NOT NULL,
	`row` integer NOT NULL,
	`column` integer NOT NULL,
	`vessel` text DEFAULT 'tank' NOT NULL,
	`hangs_in` text,
	`flow` text
);
--> statement-breakpoint
CREATE INDEX `p_tank_code` ON `p_tank` (`code`);--> statement-breakpoint
CREATE INDEX `p_tank_on_system` ON `p_tank` (`system`);--> statement-breakpoint
CREATE TABLE `p_tool` (
	`id` text PRIMARY KEY NOT NULL,
	`entry` text NOT NULL,
	`voided_by` text,
	`name` text NOT NULL,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `p_batch` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`id` text NOT NULL,
	`for_ms` integer NOT NULL,
	`soak` text,
	`lines` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `p_batch_id_unique` ON `p_batch` (`id`);--> statement-breakpoint
CREATE INDEX `p_batch_at` ON `p_batch` (`at_ms`);--> statement-breakpoint
CREATE TABLE `p_batch_step` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`batch` text NOT NULL,
	`food` text NOT NULL,
	`step` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_batch_step_batch` ON `p_batch_step` (`batch`);--> statement-breakpoint
CREATE TABLE `p_course` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`id` text NOT NULL,
	`lot` text NOT NULL,
	`mix` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `p_course_id_unique` ON `p_course` (`id`);--> statement-breakpoint
CREATE INDEX `p_course_lot` ON `p_course` (`lot`,`mix`);--> statement-breakpoint
CREATE TABLE `p_course_stop` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`lot` text NOT NULL,
	`mix` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_course_stop_lot` ON `p_course_stop` (`lot`,`mix`);--> statement-breakpoint
CREATE TABLE `p_mix` (
	`id` text PRIMARY KEY NOT NULL,
	`entry` text NOT NULL,
	`name` text NOT NULL,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `p_supply` (
	`id` text PRIMARY KEY NOT NULL,
	`entry` text NOT NULL,
	`name` text NOT NULL,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `p_supply_flow` (
	`entry` text NOT NULL,
	`item` text NOT NULL,
	`at_ms` integer NOT NULL,
	`how` text NOT NULL,
	`amount` real NOT NULL,
	`best_before_ms` integer,
	`voided_by` text
);
--> statement-breakpoint
CREATE INDEX `p_supply_flow_item` ON `p_supply_flow` (`item`,`at_ms`);--> statement-breakpoint
CREATE INDEX `p_supply_flow_entry` ON `p_supply_flow` (`entry`);--> statement-breakpoint
CREATE INDEX `p_supply_flow_count` ON `p_supply_flow` (`item`,`at_ms`) WHERE how = 'counted' and voided_by is null;--> statement-breakpoint
CREATE TABLE `p_order` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`id` text NOT NULL,
	`supplier` text NOT NULL,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `p_order_id_unique` ON `p_order` (`id`);--> statement-breakpoint
CREATE TABLE `p_order_end` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`of_order` text NOT NULL,
	`why` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_order_end_order` ON `p_order_end` (`of_order`);--> statement-breakpoint
CREATE TABLE `p_order_line` (
	`entry` text NOT NULL,
	`voided_by` text,
	`of_order` text NOT NULL,
	`line` text NOT NULL,
	`ord` integer NOT NULL,
	`species` text,
	`wish` text,
	`facts` text NOT NULL,
	PRIMARY KEY(`entry`, `line`)
);
--> statement-breakpoint
CREATE INDEX `p_order_line_order` ON `p_order_line` (`of_order`);--> statement-breakpoint
CREATE INDEX `p_order_line_wish` ON `p_order_line` (`wish`);--> statement-breakpoint
CREATE TABLE `p_wish` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`id` text NOT NULL,
	`species` text,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `p_wish_id_unique` ON `p_wish` (`id`);--> statement-breakpoint
CREATE TABLE `p_wish_end` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`wish` text NOT NULL,
	`why` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_wish_end_wish` ON `p_wish_end` (`wish`);--> statement-breakpoint
CREATE TABLE `p_match` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`id` text NOT NULL,
	`crate` text NOT NULL,
	`system` text NOT NULL,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `p_match_id_unique` ON `p_match` (`id`);--> statement-breakpoint
CREATE INDEX `p_match_crate` ON `p_match` (`crate`);--> statement-breakpoint
CREATE INDEX `p_match_system` ON `p_match` (`system`,`at_ms`);--> statement-breakpoint
CREATE TABLE `p_prep_line` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`id` text NOT NULL,
	`crate` text NOT NULL,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `p_prep_line_id_unique` ON `p_prep_line` (`id`);--> statement-breakpoint
CREATE INDEX `p_prep_line_crate` ON `p_prep_line` (`crate`);--> statement-breakpoint
CREATE TABLE `p_prep_move` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`line` text NOT NULL,
	`until_ms` integer NOT NULL,
	`why` text
);
--> statement-breakpoint
CREATE INDEX `p_prep_move_line` ON `p_prep_move` (`line`);--> statement-breakpoint
CREATE TABLE `p_prep_tick` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`crate` text NOT NULL,
	`step` text NOT NULL,
	`left` text
);
--> statement-breakpoint
CREATE INDEX `p_prep_tick_step` ON `p_prep_tick` (`crate`,`step`,`at_ms`);--> statement-breakpoint
CREATE TABLE `p_chase` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`tank` text NOT NULL,
	`chaser` text NOT NULL,
	`chased` text NOT NULL,
	`how` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_chase_at` ON `p_chase` (`at_ms`);--> statement-breakpoint
CREATE INDEX `p_chase_tank` ON `p_chase` (`tank`);--> statement-breakpoint
CREATE TABLE `p_health_check` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`tank` text NOT NULL,
	`day` integer NOT NULL,
	`round` text NOT NULL,
	`all_well` integer NOT NULL,
	`note` text
);
--> statement-breakpoint
CREATE INDEX `p_health_check_tank` ON `p_health_check` (`tank`,`at_ms`);--> statement-breakpoint
CREATE INDEX `p_health_check_round` ON `p_health_check` (`day`,`round`,`tank`);--> statement-breakpoint
CREATE INDEX `p_health_check_day` ON `p_health_check` (`tank`,`day`) WHERE voided_by is null;--> statement-breakpoint
CREATE TABLE `p_due` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`due` text NOT NULL,
	`kind` text NOT NULL,
	`until_ms` integer,
	`why` text
);
--> statement-breakpoint
CREATE INDEX `p_due_due` ON `p_due` (`due`);--> statement-breakpoint
CREATE TABLE `p_fault` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`tank` text NOT NULL,
	`what` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_fault_at` ON `p_fault` (`at_ms`);--> statement-breakpoint
CREATE INDEX `p_fault_tank` ON `p_fault` (`tank`);--> statement-breakpoint
CREATE TABLE `p_feed` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`tank` text NOT NULL,
	`lot` text NOT NULL,
	`food` text NOT NULL,
	`response` text NOT NULL,
	`ate` integer,
	`leftovers` text,
	`planned` integer,
	`batch` text,
	`mix` text,
	`out_ms` integer
);
--> statement-breakpoint
CREATE INDEX `p_feed_tank` ON `p_feed` (`tank`,`lot`,`at_ms`);--> statement-breakpoint
CREATE INDEX `p_feed_lot` ON `p_feed` (`lot`,`at_ms`);--> statement-breakpoint
CREATE INDEX `p_feed_planned` ON `p_feed` (`lot`,`at_ms`) WHERE planned = 1 and voided_by is null;--> statement-breakpoint
CREATE INDEX `p_feed_out` ON `p_feed` (`out_ms`) WHERE out_ms is not null and voided_by is null;--> statement-breakpoint
CREATE INDEX `p_feed_mix` ON `p_feed` (`lot`,`mix`,`at_ms`) WHERE mix is not null and voided_by is null;--> statement-breakpoint
CREATE INDEX `p_feed_taken` ON `p_feed` (`lot`,`food`) WHERE response in ('ate', 'charged') and voided_by is null;--> statement-breakpoint
CREATE TABLE `p_food` (
	`id` text PRIMARY KEY NOT NULL,
	`entry` text NOT NULL,
	`name` text NOT NULL,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `p_head_count` (
	`entry` text NOT NULL,
	`tank` text NOT NULL,
	`lot` text NOT NULL,
	`at_ms` integer NOT NULL,
	`day` integer NOT NULL,
	`round` text NOT NULL,
	`expected` integer NOT NULL,
	`seen` integer NOT NULL,
	`voided_by` text,
	PRIMARY KEY(`entry`, `lot`)
);
--> statement-breakpoint
CREATE INDEX `p_head_count_at` ON `p_head_count` (`at_ms`);--> statement-breakpoint
CREATE TABLE `p_loss` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`lot` text NOT NULL,
	`place` text NOT NULL,
	`n` integer NOT NULL,
	`cause` text NOT NULL,
	`sure` text NOT NULL,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_loss_at` ON `p_loss` (`at_ms`);--> statement-breakpoint
CREATE INDEX `p_loss_place` ON `p_loss` (`place`);--> statement-breakpoint
CREATE TABLE `p_loss_class` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`loss` text NOT NULL,
	`cause` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_loss_class_loss` ON `p_loss_class` (`loss`);--> statement-breakpoint
CREATE TABLE `p_mishap` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`lot` text NOT NULL,
	`tank` text NOT NULL,
	`n` integer NOT NULL,
	`what` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_mishap_at` ON `p_mishap` (`at_ms`);--> statement-breakpoint
CREATE TABLE `p_odd` (
	`entry` text NOT NULL,
	`tank` text NOT NULL,
	`lot` text NOT NULL,
	`at_ms` integer NOT NULL,
	`expected` integer NOT NULL,
	`seen` integer,
	`signs` text NOT NULL,
	`voided_by` text,
	PRIMARY KEY(`entry`, `lot`)
);
--> statement-breakpoint
CREATE INDEX `p_odd_at` ON `p_odd` (`at_ms`);--> statement-breakpoint
CREATE INDEX `p_odd_tank` ON `p_odd` (`tank`,`at_ms`);--> statement-breakpoint
CREATE INDEX `p_odd_lot` ON `p_odd` (`lot`,`at_ms`);--> statement-breakpoint
CREATE TABLE `p_reading` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`subject_kind` text NOT NULL,
	`subject` text NOT NULL,
	`quantity` text NOT NULL,
	`value` real NOT NULL,
	`typed` text NOT NULL,
	`method` text NOT NULL,
	`source` text NOT NULL,
	`reference` text,
	`instrument` text,
	`kit` text
);
--> statement-breakpoint
CREATE INDEX `p_reading_latest` ON `p_reading` (`subject`,`quantity`,`at_ms`);--> statement-breakpoint
CREATE INDEX `p_reading_copper` ON `p_reading` (`subject`,`at_ms`) WHERE quantity = 'copper';--> statement-breakpoint
CREATE TABLE `p_shift` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`id` text NOT NULL,
	`worries` text
);
--> statement-breakpoint
CREATE UNIQUE INDEX `p_shift_id_unique` ON `p_shift` (`id`);--> statement-breakpoint
CREATE INDEX `p_shift_at` ON `p_shift` (`at_ms`);--> statement-breakpoint
CREATE TABLE `p_shift_taken` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`shift` text NOT NULL,
	`note` text
);
--> statement-breakpoint
CREATE INDEX `p_shift_taken_shift` ON `p_shift_taken` (`shift`);--> statement-breakpoint
CREATE TABLE `p_bench_run` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`id` text NOT NULL,
	`lot` text NOT NULL,
	`tank` text NOT NULL,
	`method` text NOT NULL,
	`vessel` text NOT NULL,
	`overruled` text NOT NULL,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `p_bench_run_id_unique` ON `p_bench_run` (`id`);--> statement-breakpoint
CREATE INDEX `p_bench_run_lot` ON `p_bench_run` (`lot`);--> statement-breakpoint
CREATE TABLE `p_dim` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`tank` text NOT NULL,
	`until_ms` integer NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_dim_until` ON `p_dim` (`until_ms`);--> statement-breakpoint
CREATE TABLE `p_meter_check` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`instrument` text NOT NULL,
	`quantity` text NOT NULL,
	`shown` real NOT NULL,
	`truth` real NOT NULL,
	`adjusted` integer NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_meter_check_of` ON `p_meter_check` (`instrument`,`quantity`,`at_ms`);--> statement-breakpoint
CREATE TABLE `p_page` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`due` text NOT NULL,
	`stage` integer NOT NULL,
	`to` text NOT NULL,
	`says` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_page_due` ON `p_page` (`due`);--> statement-breakpoint
CREATE INDEX `p_page_at` ON `p_page` (`at_ms`);--> statement-breakpoint
CREATE TABLE `p_run_event` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`run` text NOT NULL,
	`what` text NOT NULL,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_run_event_run` ON `p_run_event` (`run`,`at_ms`);--> statement-breakpoint
CREATE TABLE `p_run_from` (
	`entry` text NOT NULL,
	`place` text NOT NULL,
	`run` text NOT NULL,
	`n` integer NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	PRIMARY KEY(`entry`, `place`)
);
--> statement-breakpoint
CREATE INDEX `p_run_from_place` ON `p_run_from` (`place`);--> statement-breakpoint
CREATE TABLE `p_run_release` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`run` text NOT NULL,
	`lot` text NOT NULL,
	`alive` integer NOT NULL,
	`dead` integer NOT NULL,
	`remaining` integer NOT NULL,
	`facts` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_run_release_run` ON `p_run_release` (`run`);--> statement-breakpoint
CREATE TABLE `p_balance` (
	`lot` text NOT NULL,
	`place` text NOT NULL,
	`inside` integer NOT NULL,
	`n` integer NOT NULL,
	PRIMARY KEY(`lot`, `place`)
);
--> statement-breakpoint
CREATE INDEX `p_balance_place` ON `p_balance` (`place`) WHERE inside = 1 and n <> 0;--> statement-breakpoint
CREATE INDEX `p_balance_lost` ON `p_balance` (`place`) WHERE place = 'missing' and n > 0;--> statement-breakpoint
CREATE TABLE `p_disinfection` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`tool` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_disinfection_tool` ON `p_disinfection` (`tool`,`at_ms`);--> statement-breakpoint
CREATE TABLE `p_exchange` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`tank` text NOT NULL,
	`litres` real NOT NULL,
	`from_tank` text,
	`at_sump` integer NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_exchange_at` ON `p_exchange` (`at_ms`);--> statement-breakpoint
CREATE INDEX `p_exchange_tank` ON `p_exchange` (`tank`,`at_ms`);--> statement-breakpoint
CREATE TABLE `p_leg` (
	`entry` text NOT NULL,
	`ord` integer NOT NULL,
	`lot` text NOT NULL,
	`place` text NOT NULL,
	`n` integer NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	PRIMARY KEY(`entry`, `ord`)
);
--> statement-breakpoint
CREATE INDEX `p_leg_place` ON `p_leg` (`place`,`at_ms`);--> statement-breakpoint
CREATE INDEX `p_leg_lot` ON `p_leg` (`lot`,`at_ms`);--> statement-breakpoint
CREATE TABLE `p_lineage` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`lot` text NOT NULL,
	`from_lot` text NOT NULL,
	`how` text NOT NULL,
	`n` integer NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_lineage_lot` ON `p_lineage` (`lot`);--> statement-breakpoint
CREATE INDEX `p_lineage_from` ON `p_lineage` (`from_lot`);--> statement-breakpoint
CREATE TABLE `p_made` (
	`ref` text NOT NULL,
	`entry` text NOT NULL,
	`at_ms` integer NOT NULL,
	`voided_by` text,
	PRIMARY KEY(`ref`, `entry`)
);
--> statement-breakpoint
CREATE TABLE `p_measure` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`lot` text NOT NULL,
	`size_cm` real NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_measure_lot` ON `p_measure` (`lot`,`at_ms`);--> statement-breakpoint
CREATE TABLE `p_need` (
	`ref` text NOT NULL,
	`entry` text NOT NULL,
	`act_id` text NOT NULL,
	`voided_by` text,
	PRIMARY KEY(`ref`, `entry`)
);
--> statement-breakpoint
CREATE INDEX `p_need_entry` ON `p_need` (`entry`);--> statement-breakpoint
CREATE TABLE `p_promise` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`id` text NOT NULL,
	`lot` text NOT NULL,
	`n` integer NOT NULL,
	`for_whom` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `p_promise_id_unique` ON `p_promise` (`id`);--> statement-breakpoint
CREATE INDEX `p_promise_lot` ON `p_promise` (`lot`);--> statement-breakpoint
CREATE TABLE `p_promise_end` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`promise` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_promise_end_promise` ON `p_promise_end` (`promise`);--> statement-breakpoint
CREATE TABLE `p_quarantine` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`id` text NOT NULL,
	`lot` text NOT NULL,
	`policy` text NOT NULL,
	`zero` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `p_quarantine_id_unique` ON `p_quarantine` (`id`);--> statement-breakpoint
CREATE INDEX `p_quarantine_lot` ON `p_quarantine` (`lot`);--> statement-breakpoint
CREATE TABLE `p_reversal` (
	`act` text PRIMARY KEY NOT NULL,
	`entry` text NOT NULL,
	`by` text NOT NULL,
	`at_ms` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `p_sign_off` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`quarantine` text NOT NULL,
	`lot` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_sign_off_quarantine` ON `p_sign_off` (`quarantine`);--> statement-breakpoint
CREATE TABLE `p_stay_limit` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`id` text NOT NULL,
	`lot` text NOT NULL,
	`place` text NOT NULL,
	`until_ms` integer,
	`until_cm` real,
	`why` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `p_stay_limit_id_unique` ON `p_stay_limit` (`id`);--> statement-breakpoint
CREATE INDEX `p_stay_limit_place` ON `p_stay_limit` (`place`,`lot`,`at_ms`);--> statement-breakpoint
CREATE TABLE `p_transfer_task` (
	`id` text PRIMARY KEY NOT NULL,
	`entry` text NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`plan` text NOT NULL,
	`name` text NOT NULL,
	`ord` integer NOT NULL,
	`lot` text NOT NULL,
	`from_tank` text NOT NULL,
	`to_tank` text NOT NULL,
	`facts` text NOT NULL,
	`voided_by` text
);
--> statement-breakpoint
CREATE INDEX `p_transfer_task_plan` ON `p_transfer_task` (`plan`);--> statement-breakpoint
CREATE INDEX `p_transfer_task_entry` ON `p_transfer_task` (`entry`);--> statement-breakpoint
CREATE TABLE `p_tool_use` (
	`entry` text NOT NULL,
	`ord` integer NOT NULL,
	`tool` text NOT NULL,
	`tank` text NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	PRIMARY KEY(`entry`, `ord`)
);
--> statement-breakpoint
CREATE INDEX `p_tool_use_at` ON `p_tool_use` (`at_ms`);--> statement-breakpoint
CREATE INDEX `p_tool_use_tank` ON `p_tool_use` (`tank`,`at_ms`);--> statement-breakpoint
CREATE INDEX `p_tool_use_tool` ON `p_tool_use` (`tool`,`at_ms`);--> statement-breakpoint
CREATE TABLE `p_transfer_mark` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`task` text NOT NULL,
	`what` text NOT NULL,
	`note` text
);
--> statement-breakpoint
CREATE INDEX `p_transfer_mark_task` ON `p_transfer_mark` (`task`);--> statement-breakpoint
CREATE TABLE `p_treatment` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`id` text NOT NULL,
	`system` text NOT NULL,
	`family` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `p_treatment_id_unique` ON `p_treatment` (`id`);--> statement-breakpoint
CREATE INDEX `p_treatment_system` ON `p_treatment` (`system`);--> statement-breakpoint
CREATE TABLE `p_treatment_end` (
	`entry` text PRIMARY KEY NOT NULL,
	`at_ms` integer NOT NULL,
	`by` text NOT NULL,
	`voided_by` text,
	`treatment` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `p_treatment_end_treatment` ON `p_treatment_end` (`treatment`);--> statement-breakpoint
CREATE VIEW `now_assignment` AS select "entry", "at_ms", "by", "voided_by", "bag", "tank", "overruled" from "p_assignment" where "p_assignment"."entry" = ((select "entry" from "p_assignment" "x" where ("x"."voided_by" is null and "x"."bag" = "p_assignment"."bag") order by "x"."at_ms" desc, "x"."entry" desc limit 1));--> statement-breakpoint
CREATE VIEW `now_bag_plan` AS select "p_bag_plan"."tank", "p_bag_plan"."bag", "p_bag_plan"."lot" from "p_bag_plan" inner join "p_bag" on ("p_bag"."id" = "p_bag_plan"."bag" and "p_bag"."voided_by" is null) where ("p_bag_plan"."at_ms" > (select max(at_ms) from p_bag_plan) - 11232000000 and not exists (select 1 from "p_assignment" where ("p_assignment"."voided_by" is null and "p_assignment"."bag" = "p_bag_plan"."bag")) and not exists (select 1 from "p_absence" where ("p_absence"."voided_by" is null and "p_absence"."bag" = "p_bag_plan"."bag")) and not exists (select 1 from "p_release" where ("p_release"."voided_by" is null and "p_release"."bag" = "p_bag_plan"."bag")) and not exists (select 1 from "p_run_from" where ("p_run_from"."voided_by" is null and "p_run_from"."place" = "p_bag_plan"."bag")) and not exists (select 1 from "p_landing" where ("p_landing"."voided_by" is null and "p_landing"."bag" = "p_bag_plan"."bag" and "p_landing"."lot" <> "p_bag_plan"."lot")) and "p_bag_plan"."entry" = ((select "entry" from "p_bag_plan" "x" where ("x"."voided_by" is null and "x"."bag" = "p_bag_plan"."bag") order by "x"."at_ms" desc, "x"."entry" desc limit 1)));--> statement-breakpoint
CREATE VIEW `now_coming` AS select "now_bag_plan"."tank", "now_standing"."place", "now_standing"."lot", "now_standing"."n" from "now_standing" inner join "now_bag_plan" on ("now_bag_plan"."bag" = "now_standing"."place" and "now_bag_plan"."lot" = "now_standing"."lot") union all select "now_bag_plan"."tank", "now_bag_plan"."bag", "now_bag_plan"."lot", "p_bag"."listed" from "now_bag_plan" inner join "p_bag" on "p_bag"."id" = "now_bag_plan"."bag" where (not exists (select 1 from "p_landing" where ("p_landing"."voided_by" is null and "p_landing"."bag" = "now_bag_plan"."bag")) and not exists (select 1 from "p_given_up" where ("p_given_up"."voided_by" is null and "p_given_up"."crate" = "p_bag"."crate" and not exists (select 1 from "p_arrival" where ("p_arrival"."voided_by" is null and "p_arrival"."crate" = "p_bag"."crate"))))) union all select "now_assignment"."tank", "now_standing"."place", "now_standing"."lot", "now_standing"."n" from "now_standing" inner join "now_assignment" on "now_assignment"."bag" = "now_standing"."place" union all select "p_bench_run"."tank", "now_standing"."place", "now_standing"."lot", "now_standing"."n" from "now_standing" inner join "p_bench_run" on "p_bench_run"."id" = "now_standing"."place";--> statement-breakpoint
CREATE VIEW `now_fault` AS select "entry", "at_ms", "by", "voided_by", "tank", "what", ((select "until_ms" from "p_due" where ("p_due"."voided_by" is null and "p_due"."due" = "p_fault"."entry" || ':fault:mend') order by "p_due"."at_ms" desc, "p_due"."entry" desc limit 1)) as "put_off_until_ms" from "p_fault" where ("p_fault"."voided_by" is null and coalesce(((select "kind" from "p_due" where ("p_due"."voided_by" is null and "p_due"."due" = "p_fault"."entry" || ':fault:mend') order by "p_due"."at_ms" desc, "p_due"."entry" desc limit 1)), '') not in ('done', 'skipped'));--> statement-breakpoint
CREATE VIEW `now_float` AS select "entry", "at_ms", "by", "voided_by", "id", "bag", "lot", "tank", "n", "minutes", "bag_c", "bag_method", "tank_c", "water_l" from "p_float" where ("p_float"."voided_by" is null and not exists (select 1 from "p_release" where ("p_release"."voided_by" is null and "p_release"."run" = "p_float"."id" and "p_release"."bag" = "p_float"."bag")) and not exists (select 1 from "p_run_from" where ("p_run_from"."voided_by" is null and "p_run_from"."place" = "p_float"."bag")) and not exists (select 1 from "p_clean_water" where ("p_clean_water"."voided_by" is null and "p_clean_water"."bag" = "p_float"."bag")));--> statement-breakpoint
CREATE VIEW `now_loss` AS select "entry", "at_ms", "by", "voided_by", "lot", "place", "n", coalesce(((select "cause" from "p_loss_class" where ("p_loss_class"."voided_by" is null and "p_loss_class"."loss" = "p_loss"."entry") order by "p_loss_class"."at_ms" desc, "p_loss_class"."entry" desc limit 1)), "cause") as "cause", "sure", "facts", "cause" as "said" from "p_loss" where "p_loss"."voided_by" is null;--> statement-breakpoint
CREATE VIEW `now_lot` AS select "id", "entry", "voided_by", "label", "species", "heard_as", coalesce(((select "size_cm" from "p_measure" where ("p_measure"."voided_by" is null and "p_measure"."lot" = "p_lot"."id") order by "p_measure"."at_ms" desc, "p_measure"."entry" desc limit 1)), "size_cm") as "size_cm", "origin", "supplier", "crate", "instead_of", "sure", "evidence", "line" from "p_lot";--> statement-breakpoint
CREATE VIEW `now_open_bag` AS select "id", "entry", "voided_by", "crate", "label", "box", "ord", "lot", "listed", "free", "water_l", "price" from "p_bag" where ("p_bag"."voided_by" is null and not exists (select 1 from "p_absence" where ("p_absence"."voided_by" is null and "p_absence"."bag" = "p_bag"."id")) and not exists (select 1 from "p_landing" where ("p_landing"."voided_by" is null and "p_landing"."bag" = "p_bag"."id" and "p_landing"."alive" = 0)) and not exists (select 1 from "p_release" where ("p_release"."voided_by" is null and "p_release"."bag" = "p_bag"."id")) and not exists (select 1 from "p_run_from" where ("p_run_from"."voided_by" is null and "p_run_from"."place" = "p_bag"."id")));--> statement-breakpoint
CREATE VIEW `now_promise` AS select "entry", "at_ms", "by", "voided_by", "id", "lot", "n", "for_whom" from "p_promise" where ("p_promise"."voided_by" is null and not exists (select 1 from "p_promise_end" where ("p_promise_end"."voided_by" is null and "p_promise_end"."promise" = "p_promise"."id")));--> statement-breakpoint
CREATE VIEW `now_quarantine` AS select "entry", "at_ms", "by", "voided_by", "id", "lot", "policy", "zero" from "p_quarantine" where ("p_quarantine"."voided_by" is null and not exists (select 1 from "p_sign_off" where ("p_sign_off"."voided_by" is null and "p_sign_off"."quarantine" = "p_quarantine"."id")));--> statement-breakpoint
CREATE VIEW `now_reading` AS select "entry", "at_ms", "by", "voided_by", "subject_kind", "subject", "quantity", "value", "typed", "method", "source", "reference", "instrument", "kit", max(printf('%020d', "at_ms") || "entry") as "latest" from "p_reading" where "p_reading"."voided_by" is null group by "p_reading"."subject", "p_reading"."quantity";--> statement-breakpoint
CREATE VIEW `now_standing` AS select "lot", "place", "n" from "p_balance" where ("p_balance"."inside" = 1 and "p_balance"."n" <> 0);--> statement-breakpoint
CREATE VIEW `now_stay` AS select "p_stay_limit"."entry", "p_stay_limit"."at_ms", "p_stay_limit"."by", "p_stay_limit"."voided_by", "p_stay_limit"."id", "p_stay_limit"."lot", "p_stay_limit"."place", "p_stay_limit"."until_ms", "p_stay_limit"."until_cm", "p_stay_limit"."why", "p_balance"."n" from "p_stay_limit" inner join "p_balance" on ("p_balance"."lot" = "p_stay_limit"."lot" and "p_balance"."place" = "p_stay_limit"."place" and "p_balance"."n" > 0) where "p_stay_limit"."entry" = ((select "entry" from "p_stay_limit" "x" where ("x"."voided_by" is null and "x"."place" = "p_stay_limit"."place" and "x"."lot" = "p_stay_limit"."lot") order by "x"."at_ms" desc, "x"."entry" desc limit 1));--> statement-breakpoint
CREATE VIEW `now_system` AS select "id", "entry", "voided_by", "name", "type", coalesce(((select "value" from "p_reading" where ("p_reading"."voided_by" is null and "p_reading"."subject" = "p_system"."id" and "p_reading"."quantity" = 'temperature') order by "p_reading"."at_ms" desc, "p_reading"."entry" desc limit 1)), "temperature_c") as "temperature_c", coalesce(((select "value" from "p_reading" where ("p_reading"."voided_by" is null and "p_reading"."subject" = "p_system"."id" and "p_reading"."quantity" = 'salinity') order by "p_reading"."at_ms" desc, "p_reading"."entry" desc limit 1)), "salinity_ppt") as "salinity_ppt", "volume_l", "temperature_c" as "set_c", "salinity_ppt" as "set_ppt" from "p_system";--> statement-breakpoint
CREATE VIEW `now_treatment` AS select "entry", "at_ms", "by", "voided_by", "id", "system", "family" from "p_treatment" where ("p_treatment"."voided_by" is null and not exists (select 1 from "p_treatment_end" where ("p_treatment_end"."voided_by" is null and "p_treatment_end"."treatment" = "p_treatment"."id")));