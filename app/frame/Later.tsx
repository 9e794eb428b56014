import { type ReactNode, Suspense, useSyncExternalStore } from "react";

const never = () => () => {};

/** What a stage can be used without: drawn once the page answers, when its script is there. */
export function Later({ children }: { children: ReactNode }) {
  const answers = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  return answers ? <Suspense fallback={null}>{children}</Suspense> : null;
}
