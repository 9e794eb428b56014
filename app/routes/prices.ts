import { data } from "react-router";
import { parseMoneyMinor } from "#core/units/money";
import { openDatabase } from "#db/open";
import { readWorkshop, writePrice } from "#db/workshop";
import { readForm } from "../body.server";
import type { Route } from "./+types/prices";

/** Sets one pack's price in the book; an empty one forgets it. */
export async function action({ request }: Route.ActionArgs) {
  const form = await readForm(request);
  if (!form.ok) return data({ message: form.message }, { status: form.status });
  const pack = String(form.value.get("pack") ?? "");
  const typed = String(form.value.get("price") ?? "").trim();
  const { db } = await openDatabase();
  const price = typed === "" ? null : parseMoneyMinor(typed, (await readWorkshop(db)).currency);
  if (price && !price.ok) return data({ message: price.message }, { status: 400 });
  const known = await writePrice(db, pack, price ? price.value : null);
  return known ? { message: null } : data({ message: "The book has no such pack." }, { status: 404 });
}
