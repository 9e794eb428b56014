/** A button in the dark bar at the head. */
export const BAR_BUTTON = {
  size: "xs",
  variant: "outline",
  color: "barInk",
  borderColor: "barMuted",
  _hover: { bg: "transparent", borderColor: "barInk" },
} as const;
