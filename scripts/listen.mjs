/** The server itself, on 127.0.0.1 and `PORT`, for those that start and stop it as a process of its own. */
import { serve } from "../build/server/index.js";

try {
  const server = serve(Number(process.env.PORT), process.env.HORNWORT_ORIGIN);
  for (const signal of ["SIGTERM", "SIGINT"]) process.once(signal, () => server.close());
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
}
