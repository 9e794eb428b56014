/** Larger than any build by far. */
export const UPLOAD_LIMIT_BYTES = 2 * 1024 * 1024;

/** What a request brought, or why it is refused: the HTTP status and a sentence. */
export type Body<T> = { ok: true; value: T } | { ok: false; status: number; message: string };

const JSON_TYPE = ["application/json"];
const FORM_TYPES = ["application/x-www-form-urlencoded", "multipart/form-data"];

const refuse = (status: number, message: string) => ({ ok: false as const, status, message });

/** Whether the body is of a kind this address takes: a page elsewhere may send plain text without asking first. */
function isOf(types: readonly string[], request: Request): boolean {
  const [type = ""] = (request.headers.get("Content-Type") ?? "").split(";");
  return types.includes(type.trim().toLowerCase());
}

/** A body as it streams in, counted; what is past the limit is let go, never kept. */
async function readBytes(request: Request, limitBytes: number): Promise<Body<Buffer>> {
  if (!request.body) return { ok: true, value: Buffer.alloc(0) };
  const chunks: Uint8Array[] = [];
  let bytes = 0;
  for await (const chunk of request.body as unknown as AsyncIterable<Uint8Array>) {
    bytes += chunk.byteLength;
    if (bytes <= limitBytes) chunks.push(chunk);
  }
  if (bytes > limitBytes)
    return refuse(
      413,
      `This is ${Math.ceil(bytes / 1024 / 1024)} MB; Hornwort takes at most ${limitBytes / 1024 / 1024} MB. Nothing was changed. Choose a smaller file.`,
    );
  return { ok: true, value: Buffer.concat(chunks) };
}

/**
 * Reads a request's body as JSON.
 * @param limitBytes most that is taken
 * @returns what it holds, or why it is refused: another content type (415), too large (413), no JSON (400)
 */
export async function readJson(request: Request, limitBytes = UPLOAD_LIMIT_BYTES): Promise<Body<unknown>> {
  if (!isOf(JSON_TYPE, request)) return refuse(415, "This address takes JSON only. Nothing was changed.");
  const read = await readBytes(request, limitBytes);
  return read.ok ? parsedJson(read.value.toString("utf8")) : read;
}

const ZIP_TYPE = ["application/zip"];
/** A build of a year with its photographs. */
const ZIP_LIMIT_BYTES = 200 * 1024 * 1024;

/** Whether a request says that it brings an archive. */
export const bringsZip = (request: Request): boolean => isOf(ZIP_TYPE, request);

/**
 * Reads a request's body as an archive.
 * @returns its bytes, or why it is refused: another content type (415), too large (413)
 */
export async function readZip(request: Request): Promise<Body<Uint8Array>> {
  if (!bringsZip(request)) return refuse(415, "This address takes an archive only. Nothing was changed.");
  return readBytes(request, ZIP_LIMIT_BYTES);
}

/** Text as JSON; what is none is refused (400) with what is likely wrong with it. */
export function parsedJson(text: string): Body<unknown> {
  try {
    return { ok: true, value: JSON.parse(text) };
  } catch {
    const cut = /^\s*[[{]/.test(text);
    return refuse(
      400,
      cut
        ? "This file looks cut short or damaged: it starts as JSON but does not end as it. Nothing was changed. Export it again."
        : "This is not a build file: it is not JSON. Nothing was changed. Choose a file that Hornwort exported.",
    );
  }
}

const JPEG_TYPE = ["image/jpeg"];
/** A photograph made small by the page is a tenth of it. */
const PHOTO_LIMIT_BYTES = 6 * 1024 * 1024;

/**
 * Reads a request's body as a photograph.
 * @returns its bytes, or why it is refused: another content type (415), too large (413)
 */
export async function readJpeg(request: Request): Promise<Body<Uint8Array>> {
  if (!isOf(JPEG_TYPE, request)) return refuse(415, "This address takes JPEG pictures only. Nothing was changed.");
  return readBytes(request, PHOTO_LIMIT_BYTES);
}

/**
 * Reads a request's body as a form.
 * @param limitBytes most that is taken
 * @returns its fields, or why it is refused: another content type (415), too large (413), no form (400)
 */
export async function readForm(request: Request, limitBytes = UPLOAD_LIMIT_BYTES): Promise<Body<FormData>> {
  if (!isOf(FORM_TYPES, request)) return refuse(415, "This address takes a form only. Nothing was changed.");
  const read = await readBytes(request, limitBytes);
  if (!read.ok) return read;
  const type = request.headers.get("Content-Type")!;
  try {
    return {
      ok: true,
      value: await new Response(new Uint8Array(read.value), { headers: { "Content-Type": type } }).formData(),
    };
  } catch {
    return refuse(400, "This form came damaged. Nothing was changed; send it again.");
  }
}
