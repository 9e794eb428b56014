import { data } from "react-router";
import { parseMoneyMinor } from "#core/units/quantity";
import { openDatabase } from "#db/open";
import { writePrice } from "#db/workshop";
import type { Route } from "./+types/prices";

/** Sets one pack's price in the book; an empty one forgets it. */
export async function action({ request }: Route.ActionArgs) {
  const form = await request.formData();
  const pack = String(form.get("pack") ?? "");
  const typed = String(form.get("price") ?? "").trim();
  const price = typed === "" ? null : parseMoneyMinor(typed);
  if (price && !price.ok) return data({ message: price.message }, { status: 400 });
  const { db } = await openDatabase();
  const known = await writePrice(db, pack, price ? price.value : null);
  return known ? { message: null } : data({ message: "The book has no such pack." }, { status: 404 });
}
