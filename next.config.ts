import type { NextConfig } from 'next';

/** Tabs that have other names than before: bookmarks and calendar entries lead on. */
const RENAMED = [
  ['settle-in', 'water-tests'],
  ['swap', 'media-swap'],
] as const;

const config: NextConfig = {
  redirects: () =>
    Promise.resolve(
      RENAMED.map(([before, now]) => ({
        source: `/filter/:filterId/${before}`,
        destination: `/filter/:filterId/${now}`,
        permanent: true,
      })),
    ),
  // They start threads and open files of their own.
  serverExternalPackages: ['piscina', 'pino'],
  // The largest file passes the proxy whole (server/bodyLimit.ts refuses what is larger), and no more is ever held of a request.
  experimental: { proxyClientMaxBodySize: '21mb' },
  // The build stamp in the corner of development pages covers the drawing's title block.
  devIndicators: false,
  poweredByHeader: false,
  // `npm test` has checked them just before it builds.
  typescript: { ignoreBuildErrors: process.env.NEAT_TYPES_CHECKED === 'yes' },
};

export default config;
