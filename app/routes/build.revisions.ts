import { listRevisions, readRevision } from "#db/builds";
import { openDatabase } from "#db/open";
import type { Route } from "./+types/build.revisions";

/** The list of saves, or with `?number=` one of them whole. */
export async function loader({ request, params }: Route.LoaderArgs) {
  const { db } = await openDatabase();
  const number = new URL(request.url).searchParams.get("number");
  if (number === null) return Response.json({ revisions: await listRevisions(db, params.id) });
  const design = /^\d+$/.test(number) ? await readRevision(db, params.id, Number(number)) : undefined;
  return design ? Response.json({ design }) : Response.json({ message: "There is no such save." }, { status: 404 });
}
