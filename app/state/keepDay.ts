import type { DayAnswer } from "#core/day/answer";

/** Sends a day to the server; not kept it is worked out again where it is next opened. */
export function keepOnServer(buildId: string, answer: DayAnswer): void {
  void fetch(`/builds/${buildId}/day`, {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify(answer),
  }).catch(() => {});
}
