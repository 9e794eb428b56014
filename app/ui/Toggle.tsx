import { Button } from "@chakra-ui/react";

/** A few views side by side, one of them shown. */
export function Toggle<T extends string>({
  views,
  shown,
  onShow,
}: {
  views: readonly (readonly [T, string])[];
  shown: T;
  onShow: (view: T) => void;
}) {
  return views.map(([id, label]) => (
    <Button
      key={id}
      size="xs"
      variant={shown === id ? "solid" : "outline"}
      {...(shown === id ? { bg: "fern", color: "fernInk" } : { borderColor: "line" })}
      aria-pressed={shown === id}
      onClick={() => onShow(id)}
    >
      {label}
    </Button>
  ));
}
