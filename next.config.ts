import type { NextConfig } from "next";

const config: NextConfig = {
  serverExternalPackages: ["better-sqlite3", "piscina", "lru-cache"],
  poweredByHeader: false,
  allowedDevOrigins: ["127.0.0.1"],
  devIndicators: false,
  // `npm test` checks the types of everything; a tutor who starts Right Sum need not wait for that.
  typescript: { ignoreBuildErrors: true },
  // No picture is made smaller on the server, so nobody can ask it to.
  images: { unoptimized: true },
};

export default config;
