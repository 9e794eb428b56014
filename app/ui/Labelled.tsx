import { Field } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** A field under its label, with what keeps what is typed from being taken. */
export const Labelled = ({
  label,
  error = null,
  quiet = false,
  children,
}: {
  label: ReactNode;
  error?: string | null;
  /** Read out, and not shown. */
  quiet?: boolean;
  children: ReactNode;
}) => (
  <Field.Root gap="1" invalid={error !== null}>
    <Field.Label fontSize="xs" color="muted" fontWeight="medium" {...(quiet && { srOnly: true })}>
      {label}
    </Field.Label>
    {children}
    <Field.ErrorText fontSize="xs" color="stop" mt="0">
      {error}
    </Field.ErrorText>
  </Field.Root>
);
