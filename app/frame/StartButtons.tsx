import { memo } from "react";
import { useStarts } from "../features/useStarts";
import { ActButton } from "../ui/ActButton";
import { QuietButton } from "../ui/QuietButton";

/** What can be begun at a stage, a button each. @param main whether it is what the stage is there for */
export const StartButtons = memo(function StartButtons({ stage, main = false }: { stage: string; main?: boolean }) {
  const Button = main ? ActButton : QuietButton;
  return useStarts(stage).map(({ button, add }) => (
    <Button key={button} size="xs" px="2" onClick={add}>
      {button}
    </Button>
  ));
});
