CREATE TABLE "attendances" (
	"id" text PRIMARY KEY NOT NULL,
	"school_id" text NOT NULL,
	"version" integer NOT NULL,
	"revision" integer NOT NULL,
	"data" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "classes" (
	"id" text PRIMARY KEY NOT NULL,
	"school_id" text NOT NULL,
	"version" integer NOT NULL,
	"revision" integer NOT NULL,
	"data" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "games" (
	"id" text PRIMARY KEY NOT NULL,
	"school_id" text NOT NULL,
	"version" integer NOT NULL,
	"revision" integer NOT NULL,
	"data" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "gear" (
	"id" text PRIMARY KEY NOT NULL,
	"school_id" text NOT NULL,
	"version" integer NOT NULL,
	"revision" integer NOT NULL,
	"data" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "lesson_edits" (
	"lesson_id" text NOT NULL,
	"revision" integer NOT NULL,
	"id" text NOT NULL,
	"name" text NOT NULL,
	"edit" jsonb NOT NULL,
	"inverse" jsonb NOT NULL,
	"undoes" integer,
	"redoes" integer,
	CONSTRAINT "lesson_edits_lesson_id_revision_pk" PRIMARY KEY("lesson_id","revision")
);
--> statement-breakpoint
CREATE TABLE "lessons" (
	"id" text PRIMARY KEY NOT NULL,
	"school_id" text NOT NULL,
	"version" integer NOT NULL,
	"revision" integer NOT NULL,
	"data" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "periods" (
	"id" text PRIMARY KEY NOT NULL,
	"school_id" text NOT NULL,
	"version" integer NOT NULL,
	"revision" integer NOT NULL,
	"data" jsonb NOT NULL,
	"date" text NOT NULL,
	"lesson_id" text
);
--> statement-breakpoint
CREATE TABLE "rooms" (
	"id" text PRIMARY KEY NOT NULL,
	"school_id" text NOT NULL,
	"version" integer NOT NULL,
	"revision" integer NOT NULL,
	"data" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "run_events" (
	"run_id" text NOT NULL,
	"seq" integer NOT NULL,
	"id" text NOT NULL,
	"at" bigint NOT NULL,
	"data" jsonb NOT NULL,
	CONSTRAINT "run_events_run_id_seq_pk" PRIMARY KEY("run_id","seq")
);
--> statement-breakpoint
CREATE TABLE "runs" (
	"id" text PRIMARY KEY NOT NULL,
	"school_id" text NOT NULL,
	"version" integer NOT NULL,
	"revision" integer NOT NULL,
	"data" jsonb NOT NULL,
	"period_id" text NOT NULL,
	"class_id" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "schools" (
	"id" text PRIMARY KEY NOT NULL,
	"school_id" text NOT NULL,
	"version" integer NOT NULL,
	"revision" integer NOT NULL,
	"data" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "student_privates" (
	"id" text PRIMARY KEY NOT NULL,
	"school_id" text NOT NULL,
	"version" integer NOT NULL,
	"revision" integer NOT NULL,
	"data" jsonb NOT NULL,
	"class_id" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "students" (
	"id" text PRIMARY KEY NOT NULL,
	"school_id" text NOT NULL,
	"version" integer NOT NULL,
	"revision" integer NOT NULL,
	"data" jsonb NOT NULL,
	"class_id" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "wishes" (
	"id" text PRIMARY KEY NOT NULL,
	"school_id" text NOT NULL,
	"version" integer NOT NULL,
	"revision" integer NOT NULL,
	"data" jsonb NOT NULL,
	"class_id" text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX "lesson_edits_id" ON "lesson_edits" USING btree ("id");--> statement-breakpoint
CREATE INDEX "periods_date" ON "periods" USING btree ("date");--> statement-breakpoint
CREATE UNIQUE INDEX "run_events_id" ON "run_events" USING btree ("run_id","id");--> statement-breakpoint
CREATE INDEX "runs_class" ON "runs" USING btree ("class_id");--> statement-breakpoint
CREATE INDEX "student_privates_class" ON "student_privates" USING btree ("class_id");--> statement-breakpoint
CREATE INDEX "students_class" ON "students" USING btree ("class_id");--> statement-breakpoint
CREATE INDEX "wishes_class" ON "wishes" USING btree ("class_id");