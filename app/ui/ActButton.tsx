import { Button, type ButtonProps } from "@chakra-ui/react";

/** The button for what is most likely next. */
export const ActButton = (props: ButtonProps) => <Button size="xs" bg="fern" color="fernInk" {...props} />;
