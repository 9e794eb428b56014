import { redirect } from "react-router";
import type { Route } from "./+types/build.start";

export const loader = ({ params }: Route.LoaderArgs) => redirect(`/builds/${params.id}/shell`);
