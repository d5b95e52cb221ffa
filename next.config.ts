import type { NextConfig } from 'next';

const config: NextConfig = {
  // Native or file-loading packages the bundler must leave alone.
  serverExternalPackages: ['knex', 'mysql2', 'piscina', '@node-rs/argon2'],
  outputFileTracingIncludes: { '/**': ['./dist-workers/*.mjs'] },
  poweredByHeader: false,
  typedRoutes: true,
  experimental: { optimizePackageImports: ['@mantine/core', '@mantine/hooks'] },
  // Types and lint are steps of their own in the test run.
  typescript: { ignoreBuildErrors: true },
};

export default config;
