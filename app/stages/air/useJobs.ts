import { useEffect, useState } from "react";
import type { Fit } from "#core/gauge/fit";
import type { LeverSearch } from "#core/levers/search";
import { createJob } from "../../state/job";

/** What takes a while at this stage: it goes on while another view is looked at, and ends with the stage. */
export function useJobs() {
  const [jobs] = useState(() => ({
    /** Levers of the design whose day is `of`. */
    levers: createJob<{ of: string | undefined; search: LeverSearch | null }>(),
    fit: createJob<{ entry: string; fit: Fit | null; pass: number }>(),
  }));
  useEffect(
    () => () => {
      jobs.levers.clear();
      jobs.fit.clear();
    },
    [jobs],
  );
  return jobs;
}
export type AirJobs = ReturnType<typeof useJobs>;
