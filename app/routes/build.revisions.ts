import { listRevisions, readRevision } from "#db/builds";
import { openDatabase } from "#db/open";
import type { Route } from "./+types/build.revisions";

/** The list of saves, or with `?number=` one of them whole. */
export async function loader({ request, params }: Route.LoaderArgs) {
  const { db } = await openDatabase();
  const number = new URL(request.url).searchParams.get("number");
  if (number === null) return Response.json({ revisions: await listRevisions(db, params.id) });
  const design = /^\d{1,9}$/.test(number) ? await readRevision(db, params.id, Number(number)) : undefined;
  if (!design) return Response.json({ message: "There is no such save." }, { status: 404 });
  return design.ok
    ? Response.json({ design: design.value })
    : Response.json({ message: design.message }, { status: 422 });
}
