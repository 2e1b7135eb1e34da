import type { NextConfig } from 'next';

const config: NextConfig = {
  // PGlite loads its WebAssembly from its own folder and must not be bundled.
  serverExternalPackages: ['@electric-sql/pglite'],
  poweredByHeader: false,
  reactStrictMode: true,
  // The only pictures are our own SVG; nothing needs the image optimiser.
  images: { unoptimized: true },
};

export default config;
