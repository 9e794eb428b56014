import { Button, type ButtonProps } from "@chakra-ui/react";
import { LinkButton } from "./LinkButton";

/** A button for what is at hand but not the next thing to do. */
export const QuietButton = (props: ButtonProps) => <Button size="sm" variant="outline" borderColor="line" {...props} />;

/** The same as a link: to another page, or to a file. */
export const QuietLink = ({ children, ...rest }: Parameters<typeof LinkButton>[0]) => (
  <LinkButton size="xs" variant="outline" bg="transparent" color="ink" borderColor="line" {...rest}>
    {children}
  </LinkButton>
);
