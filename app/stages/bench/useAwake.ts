import { useEffect, useState } from "react";

/**
 * Keeps the screen on while something is under way.
 * @returns whether it does; undefined where the browser cannot, as on a plain page from another machine
 */
export function useAwake(wanted: boolean): boolean | undefined {
  const [awake, setAwake] = useState<boolean | undefined>(undefined);
  useEffect(() => {
    if (!wanted || !("wakeLock" in navigator)) {
      setAwake(undefined);
      return;
    }
    let lock: WakeLockSentinel | undefined;
    let gone = false;
    const ask = () => {
      if (document.visibilityState !== "visible") return;
      navigator.wakeLock.request("screen").then(
        (got) => {
          if (gone) return void got.release();
          lock = got;
          setAwake(true);
        },
        () => setAwake(false),
      );
    };
    ask();
    document.addEventListener("visibilitychange", ask);
    return () => {
      gone = true;
      document.removeEventListener("visibilitychange", ask);
      void lock?.release();
    };
  }, [wanted]);
  return awake;
}
