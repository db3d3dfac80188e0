CREATE TABLE "removals" (
	"id" text PRIMARY KEY NOT NULL,
	"school_id" text NOT NULL,
	"at" bigint NOT NULL,
	"restored_at" bigint,
	"data" jsonb NOT NULL
);
--> statement-breakpoint
CREATE INDEX "removals_at" ON "removals" USING btree ("at");