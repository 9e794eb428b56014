import { useEffect, useState } from "react";
import { useStore } from "zustand";
import { createStore } from "zustand/vanilla";
import { useBuildHandle } from "../../state/context";
import type { SureKeeper, SureProgress } from "../../state/sureKeeper";

const NONE = createStore<SureProgress>()(() => ({ running: false, runs: 0, stopped: false }));

/** How far it is that the day's draws are run: at once for as long as this is looked at. */
export function useSure() {
  const { buildId, api } = useBuildHandle();
  const [keeper, setKeeper] = useState<SureKeeper>();
  useEffect(() => {
    let mine: SureKeeper | undefined;
    let gone = false;
    void import("../../state/sureKeeper").then(({ sureKeeperOf }) => {
      if (gone) return;
      mine = sureKeeperOf(buildId, api);
      mine.look(true);
      setKeeper(mine);
    });
    return () => {
      gone = true;
      mine?.look(false);
    };
  }, [buildId, api]);
  const progress = useStore(keeper?.state ?? NONE);
  return { progress, stop: () => keeper?.stop(), goOn: () => keeper?.goOn() };
}
