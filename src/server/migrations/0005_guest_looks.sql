CREATE TABLE "guest_looks" (
	"id" text PRIMARY KEY NOT NULL,
	"school_id" text NOT NULL,
	"period_id" text NOT NULL,
	"at" bigint NOT NULL
);
--> statement-breakpoint
CREATE INDEX "guest_looks_at" ON "guest_looks" USING btree ("at");