import { data } from "react-router";

export function loader() {
  throw data("This stage is not built yet, or has another name.", { status: 404 });
}

/** Never drawn; a route without a screen would answer bare text. */
export default function UnknownStage() {
  return null;
}
