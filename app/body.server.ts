import { fail, ok, type Result } from "#core/units/result";

/** Larger than any build by far. */
export const UPLOAD_LIMIT_BYTES = 2 * 1024 * 1024;

/**
 * Reads a request's body as text, counting it as it streams; what is past the limit is let go, never kept.
 * @returns the text, or a sentence naming the limit
 */
export async function readText(request: Request, limitBytes = UPLOAD_LIMIT_BYTES): Promise<Result<string>> {
  if (!request.body) return ok("");
  const chunks: Uint8Array[] = [];
  let bytes = 0;
  for await (const chunk of request.body as unknown as AsyncIterable<Uint8Array>) {
    bytes += chunk.byteLength;
    if (bytes <= limitBytes) chunks.push(chunk);
  }
  if (bytes > limitBytes)
    return fail(
      `This file is ${Math.ceil(bytes / 1024 / 1024)} MB; a build file is at most ${limitBytes / 1024 / 1024} MB. Nothing was kept. Choose a file that Hornwort exported.`,
    );
  return ok(Buffer.concat(chunks).toString("utf8"));
}

/** Parses JSON, or says plainly that it is none. */
export function parseJson(text: string): Result<unknown> {
  try {
    return ok(JSON.parse(text));
  } catch {
    const cut = /^\s*[[{]/.test(text);
    return fail(
      cut
        ? "This file looks cut short or damaged: it starts as JSON but does not end as it. Nothing was changed. Export it again."
        : "This is not a build file: it is not JSON. Nothing was changed. Choose a file that Hornwort exported.",
    );
  }
}
