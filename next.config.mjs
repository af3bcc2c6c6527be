/** Plain JavaScript, so that no start waits for it to be translated. @type {import("next").NextConfig} */
const config = {
  serverExternalPackages: ["better-sqlite3", "piscina", "lru-cache"],
  poweredByHeader: false,
  allowedDevOrigins: ["127.0.0.1"],
  devIndicators: false,
  // `npm test` checks the types of everything; a tutor who starts Right Sum need not wait for that.
  typescript: { ignoreBuildErrors: true },
  // No picture is made smaller on the server, so nobody can ask it to.
  images: { unoptimized: true },
  // Pages are loaded when they are first asked for: loading all of them twice, for both processes, took longer than all else of a start.
  experimental: { preloadEntriesOnStart: false },
};

export default config;
