import { lazy, Suspense, useState } from "react";
import { usePicked } from "../state/context";

const WorkingSheet = lazy(() => import("./WorkingSheet").then((m) => ({ default: m.WorkingSheet })));

/** The working of a number, fetched when one is first asked for. */
export function WorkingDrawer() {
  const open = usePicked((p) => p.working !== null);
  const [asked, setAsked] = useState(false);
  if (open && !asked) setAsked(true);
  return asked ? (
    <Suspense fallback={null}>
      <WorkingSheet />
    </Suspense>
  ) : null;
}
