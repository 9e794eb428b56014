import { useEffect, useState } from "react";
import { useStore } from "zustand";
import { createStore } from "zustand/vanilla";
import { useBuildHandle } from "../../state/context";
import type { SureKeeper, SureProgress } from "../../state/sureKeeper";

const NONE = createStore<SureProgress>()(() => ({ running: false, runs: 0, stopped: false }));

/** Has it worked out how sure the day is for as long as the stage is open. */
export function useSure() {
  const { buildId, api } = useBuildHandle();
  const [keeper, setKeeper] = useState<SureKeeper>();
  useEffect(() => {
    let mine: SureKeeper | undefined;
    let gone = false;
    void import("../../state/sureKeeper").then(({ sureKeeper }) => {
      if (gone) return;
      mine = sureKeeper(buildId, api);
      setKeeper(mine);
    });
    return () => {
      gone = true;
      mine?.end();
    };
  }, [buildId, api]);
  const progress = useStore(keeper?.state ?? NONE);
  return { progress, stop: () => keeper?.stop(), goOn: () => keeper?.goOn() };
}
