import type { NextConfig } from 'next';

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // Keeps what an edit did not touch from being rendered again.
  reactCompiler: true,
  serverExternalPackages: ['better-sqlite3', 'pdfkit'],
  // Lint and types are steps of their own in `npm test`.
  typescript: { ignoreBuildErrors: true },
};

export default config;
