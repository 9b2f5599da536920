'use client';
import GlobalStyles from '@mui/material/GlobalStyles';
import { ThemeProvider } from '@mui/material/styles';
import type { ReactNode } from 'react';
import { colourVariables, DARK, LIGHT } from './colours';
import { theme } from './theme';

/** The app's look around everything: MUI's theme and the colour variables that drawings use. */
export function Theme({ children }: { children: ReactNode }) {
  return (
    <ThemeProvider theme={theme} defaultMode="system">
      <GlobalStyles
        styles={{
          ':root, .light': { ...colourVariables(LIGHT), colorScheme: 'light' },
          '.dark': { ...colourVariables(DARK), colorScheme: 'dark' },
        }}
      />
      {children}
    </ThemeProvider>
  );
}
