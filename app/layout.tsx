import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/atkinson-hyperlegible-mono';
import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { readingHabits } from '@/server/readingHabits';
import { NONCE_HEADER } from '@/server/safeHeaders';
import { KEEP_EARLY_INPUT } from '@/ui/frame/earlyInput';
import { NO_EVALUATION } from '@/ui/frame/noEvaluation';
import { UnitsProvider } from '@/ui/fields/UnitsProvider';
import { Theme } from '@/ui/theme/Theme';
import '@/ui/theme/globals.css';

export const metadata: Metadata = {
  title: { default: 'Neat Layer', template: '%s · Neat Layer' },
  description: 'Plan, repack and look after the media in your aquarium filter.',
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function Layout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get(NONCE_HEADER) ?? '';
  return (
    <html lang="en" suppressHydrationWarning>
      <head>
        {/* A browser hides the nonce from scripts, and with it from the first drawing in the page. */}
        <script
          nonce={nonce}
          suppressHydrationWarning
          dangerouslySetInnerHTML={{ __html: `${KEEP_EARLY_INPUT};${NO_EVALUATION}` }}
        />
        <InitColorSchemeScript attribute="class" defaultMode="system" nonce={nonce} />
      </head>
      <body>
        <AppRouterCacheProvider options={{ enableCssLayer: true, nonce }}>
          <Theme>
            <UnitsProvider habits={await readingHabits()}>{children}</UnitsProvider>
          </Theme>
        </AppRouterCacheProvider>
      </body>
    </html>
  );
}
