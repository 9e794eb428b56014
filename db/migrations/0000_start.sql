CREATE TABLE "builds" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"revision" integer NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "materials" (
	"id" text PRIMARY KEY NOT NULL,
	"position" integer NOT NULL,
	"material" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "revisions" (
	"build_id" text NOT NULL,
	"number" integer NOT NULL,
	"base" integer NOT NULL,
	"what" text NOT NULL,
	"design" jsonb NOT NULL,
	"saved_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "revisions_build_id_number_pk" PRIMARY KEY("build_id","number")
);
--> statement-breakpoint
CREATE TABLE "settings" (
	"key" text PRIMARY KEY NOT NULL,
	"value" jsonb NOT NULL
);
--> statement-breakpoint
ALTER TABLE "revisions" ADD CONSTRAINT "revisions_build_id_builds_id_fk" FOREIGN KEY ("build_id") REFERENCES "public"."builds"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "revisions_saved_at" ON "revisions" USING btree ("build_id","saved_at");