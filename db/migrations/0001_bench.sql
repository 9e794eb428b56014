CREATE TABLE "events" (
	"build_id" text NOT NULL,
	"id" text NOT NULL,
	"seq" serial NOT NULL,
	"at" text NOT NULL,
	"event" jsonb NOT NULL,
	CONSTRAINT "events_build_id_id_pk" PRIMARY KEY("build_id","id")
);
--> statement-breakpoint
CREATE TABLE "nestings" (
	"build_id" text NOT NULL,
	"hash" text NOT NULL,
	"instance" text NOT NULL,
	"solution" jsonb NOT NULL,
	CONSTRAINT "nestings_build_id_hash_pk" PRIMARY KEY("build_id","hash")
);
--> statement-breakpoint
ALTER TABLE "events" ADD CONSTRAINT "events_build_id_builds_id_fk" FOREIGN KEY ("build_id") REFERENCES "public"."builds"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "nestings" ADD CONSTRAINT "nestings_build_id_builds_id_fk" FOREIGN KEY ("build_id") REFERENCES "public"."builds"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "events_seq" ON "events" USING btree ("build_id","seq");