CREATE TABLE "adaptation_edits" (
	"lesson_id" text NOT NULL,
	"seq" integer NOT NULL,
	"id" text NOT NULL,
	"student_id" text NOT NULL,
	"data" jsonb NOT NULL,
	CONSTRAINT "adaptation_edits_lesson_id_seq_pk" PRIMARY KEY("lesson_id","seq")
);
--> statement-breakpoint
CREATE UNIQUE INDEX "adaptation_edits_id" ON "adaptation_edits" USING btree ("id");--> statement-breakpoint
CREATE INDEX "adaptation_edits_student" ON "adaptation_edits" USING btree ("student_id");