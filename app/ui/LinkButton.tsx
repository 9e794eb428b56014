import { Button, type ButtonProps } from "@chakra-ui/react";
import { Link } from "react-router";

/** A link that looks like a button. */
export function LinkButton({ to, reloadDocument, ...rest }: ButtonProps & { to: string; reloadDocument?: boolean }) {
  return (
    <Button asChild size="sm" bg="fern" color="fernInk" {...rest}>
      <Link to={to} reloadDocument={reloadDocument}>
        {rest.children}
      </Link>
    </Button>
  );
}
