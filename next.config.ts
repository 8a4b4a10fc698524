import type { NextConfig } from 'next';

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // Keeps what an edit did not touch from being rendered again.
  reactCompiler: true,
  turbopack: {
    // Its own ES modules instead of its one bundle: pages load only what they use of it.
    resolveAlias: { 'ml-matrix': './node_modules/ml-matrix/src/index.js' },
  },
  // A plan with the photos of its class is far larger than a document.
  experimental: { proxyClientMaxBodySize: '200mb' },
  serverExternalPackages: ['better-sqlite3', 'pdfkit'],
  // Lint and types are steps of their own in `npm test`.
  typescript: { ignoreBuildErrors: true },
};

export default config;
