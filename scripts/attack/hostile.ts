import * as v from "valibot";
import { checkDesign } from "../../core/document/check";
import { BuildSchema } from "../../core/document/schema";
import { BookSchema } from "../../core/materials/schema";
import { plan } from "../../core/plan";
import type { readBuildFile } from "../../files/buildFile";

/** What is put into every text field: a formula, script in two ways, and lines that would end a drawing's section. */
export const PAYLOADS = [
  '=1+1"><script>pwned=1</script>',
  "@x'><img src=x onerror=pwned=1>",
  "a\r\n  0\r\nENDSEC\r\n  0\r\nEOF",
  "../../x)>>/JavaScript(pwned)",
] as const;

type Input = Extract<ReturnType<typeof readBuildFile>, { ok: true }>["value"];
type Node = Record<string, unknown> | unknown[];

/** Every place of a document that holds text, as the parent and the key it has there. */
function texts(node: unknown, found: { parent: Node; key: string }[] = []) {
  if (typeof node !== "object" || node === null) return found;
  for (const [key, child] of Object.entries(node)) {
    if (typeof child === "string") found.push({ parent: node as Node, key });
    else texts(child, found);
  }
  return found;
}

/**
 * Puts a payload into every text of a document that still passes its checks with it: what is an id, a choice or a size does
 * not, and keeps what it had.
 * @returns how many texts were taken over
 */
function poison(document: object, stands: () => boolean, payload: (n: number) => string): number {
  let taken = 0;
  for (const { parent, key } of texts(document)) {
    const own = parent as Record<string, unknown>;
    const was = own[key];
    own[key] = payload(taken);
    if (stands()) taken++;
    else own[key] = was;
  }
  return taken;
}

/** A build file whose every free text is hostile, in the design as in its book, rack and workshop. */
export function hostileFile(input: Input): { input: Input; taken: number } {
  const own = structuredClone(input);
  const payload = (n: number) => PAYLOADS[n % PAYLOADS.length]!;
  // What is planned otherwise, because an id was taken for a text, is no build any more.
  const plans = () => {
    try {
      return plan({ ...own, nestings: [] }).steps.length > 0;
    } catch {
      return false;
    }
  };
  const taken =
    poison(own.design, () => v.is(BuildSchema, own.design) && checkDesign(own.design, own.book).length === 0, payload) +
    poison(
      own.book,
      () => v.is(BookSchema, own.book) && checkDesign(own.design, own.book).length === 0 && plans(),
      payload,
    );
  own.workshop.name = PAYLOADS[0];
  for (const offcut of own.stock.offcuts) offcut.from = PAYLOADS[1];
  return { input: own, taken };
}
