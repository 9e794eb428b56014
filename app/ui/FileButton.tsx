import { useRef } from "react";
import { QuietButton } from "./QuietButton";

/** A button that asks for a file; the same file may be chosen again. */
export function FileButton({
  label,
  words,
  accept,
  onFile,
  ...button
}: {
  /** What kind of file, for who cannot see the button. */
  label: string;
  words: string;
  accept: string;
  onFile: (file: File) => void;
  size?: "xs";
  loading?: boolean;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        hidden
        aria-label={label}
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          if (file) onFile(file);
          target.value = "";
        }}
      />
      <QuietButton {...button} onClick={() => input.current?.click()}>
        {words}
      </QuietButton>
    </>
  );
}
