import type { NextConfig } from 'next';

const config: NextConfig = {
  // The build stamp in the corner of development pages covers the drawing's title block.
  devIndicators: false,
  poweredByHeader: false,
};

export default config;
