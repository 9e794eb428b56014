import { fail, ok, type Result } from "#core/units/result";

const SILENT = "the server does not answer. Nothing is lost; try again.";

/** Asks the server for JSON; answers it, or the server's own words for why not, or that it is silent. */
export async function ask<T>(address: string): Promise<Result<T>> {
  try {
    const response = await fetch(address);
    const answer = (await response.json()) as T & { message?: string };
    return response.ok ? ok(answer) : fail(answer.message ?? "the server could not read it. Nothing is lost.");
  } catch {
    return fail(SILENT);
  }
}
