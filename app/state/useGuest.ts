import { useRouteLoaderData } from "react-router";

/** Whether this is a device that was let in from the network: it has the bench alone. */
export const useGuest = (): boolean => useRouteLoaderData<{ guest?: boolean }>("routes/build")?.guest ?? false;
