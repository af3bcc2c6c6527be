/** Runs once when the server starts: the database is open before the first request. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { database } = await import("@/data");
  database();
}
