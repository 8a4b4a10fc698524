import type { NextConfig } from 'next';

/** On every answer of both listeners: the gateway passes on what the app says. The policy of content is the proxy’s. */
const SECURITY_HEADERS = [
  { key: 'X-Content-Type-Options', value: 'nosniff' },
  { key: 'Referrer-Policy', value: 'same-origin' },
  { key: 'X-Frame-Options', value: 'DENY' },
];

const config: NextConfig = {
  headers: () => Promise.resolve([{ source: '/:path*', headers: SECURITY_HEADERS }]),
  poweredByHeader: false,
  reactStrictMode: true,
  // Keeps what an edit did not touch from being rendered again.
  reactCompiler: true,
  turbopack: {
    // Its own ES modules instead of its one bundle: pages load only what they use of it.
    resolveAlias: { 'ml-matrix': './node_modules/ml-matrix/src/index.js' },
  },
  // A plan with the photos of its class is far larger than a document.
  experimental: {
    proxyClientMaxBodySize: '200mb',
    turbopackRustReactCompiler: true,
    turbopackFileSystemCacheForBuild: false,
    // What stays on this machine need not be short, and is then readable without maps: a third of the build.
    turbopackSourceMaps: false,
    turbopackMinify: { server: false },
  },
  serverExternalPackages: ['better-sqlite3', 'pdfkit'],
  // Lint and types are steps of their own in `npm test`.
  typescript: { ignoreBuildErrors: true },
};

export default config;
