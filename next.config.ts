import type { NextConfig } from 'next';

const config: NextConfig = {
  // They start threads and open files of their own.
  serverExternalPackages: ['piscina', 'pino'],
  // Requests pass the proxy whole: the app’s own limit on a file says what is too large, not the proxy’s.
  experimental: { proxyClientMaxBodySize: '64mb' },
  // The build stamp in the corner of development pages covers the drawing's title block.
  devIndicators: false,
  poweredByHeader: false,
  // `npm test` has checked them just before it builds.
  typescript: { ignoreBuildErrors: process.env.NEAT_TYPES_CHECKED === 'yes' },
};

export default config;
