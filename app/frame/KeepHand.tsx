import { useEffect } from "react";
import { useLocation } from "react-router";
import { useBuildHandle } from "../state/context";

/** What is in hand is let go when another stage is opened, unless one goes there to take it. */
export function KeepHand() {
  const { letGo } = useBuildHandle();
  const { pathname, state } = useLocation();
  const keeps = (state as { keepsHand?: boolean } | null)?.keepsHand === true;
  useEffect(() => {
    if (pathname && !keeps) letGo();
  }, [pathname, keeps, letGo]);
  return null;
}
