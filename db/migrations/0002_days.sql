CREATE TABLE "days" (
	"build_id" text NOT NULL,
	"key" text NOT NULL,
	"answer" jsonb NOT NULL,
	"kept_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "days_build_id_key_pk" PRIMARY KEY("build_id","key")
);
--> statement-breakpoint
ALTER TABLE "days" ADD CONSTRAINT "days_build_id_builds_id_fk" FOREIGN KEY ("build_id") REFERENCES "public"."builds"("id") ON DELETE cascade ON UPDATE no action;