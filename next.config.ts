import type { NextConfig } from 'next';

// However it is started, it sends nothing about itself anywhere.
process.env.NEXT_TELEMETRY_DISABLED = '1';

const config: NextConfig = {
  productionBrowserSourceMaps: false,
  // PGlite loads its WebAssembly from its own folder and must not be bundled; nor may what reads fonts.
  serverExternalPackages: ['@electric-sql/pglite', 'pdfkit', 'subset-font', 'fontkit'],
  poweredByHeader: false,
  reactStrictMode: true,
  // The only pictures are our own SVG; nothing needs the image optimiser.
  images: { unoptimized: true },
};

export default config;
