import { data } from "react-router";
import { readNewest } from "#db/builds";
import { openDatabase } from "#db/open";
import { isPhotoId, readPhoto, writePhoto } from "#db/photos";
import { strippedJpeg } from "#files/jpeg";
import { readJpeg } from "../body.server";
import type { Route } from "./+types/build.photos";

/** A photograph of a build, as it was kept. */
export async function loader({ params }: Route.LoaderArgs) {
  const bytes = await readPhoto(params.id, params.photo);
  if (!bytes) throw data("There is no such photograph.", { status: 404 });
  return new Response(new Uint8Array(bytes), {
    headers: { "Content-Type": "image/jpeg", "Cache-Control": "private, max-age=31536000, immutable" },
  });
}

/** Keeps a photograph under the name the page gave it, without what its camera wrote into it; sent twice it is kept once. */
export async function action({ request, params }: Route.ActionArgs) {
  const refuse = (message: string, status: number) => Response.json({ message }, { status });
  const body = await readJpeg(request);
  if (!body.ok) return refuse(body.message, body.status);
  if (!isPhotoId(params.photo)) return refuse("This is no name of a photograph. Nothing was kept.", 400);
  const { db } = await openDatabase();
  if (!(await readNewest(db, params.id))) return refuse("There is no such build any more. Nothing was kept.", 404);
  const jpeg = strippedJpeg(body.value);
  if (!jpeg.ok) return refuse(jpeg.message, 422);
  await writePhoto(params.id, params.photo, jpeg.value);
  return Response.json({ message: null });
}
