CREATE TABLE "journal_marks" (
	"id" text PRIMARY KEY NOT NULL,
	"applied" bigint NOT NULL,
	"boot" text NOT NULL
);
