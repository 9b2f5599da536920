'use client';
import { createTheme } from '@mui/material/styles';
import { DARK, LIGHT, type Colours } from './colours';

const TEXT = '"Atkinson Hyperlegible Next Variable", sans-serif';

const palette = (colours: Colours) => ({
  primary: { main: colours.river, contrastText: colours.onRiver },
  secondary: { main: colours.ink, contrastText: colours.paper },
  warning: { main: colours.attention, contrastText: colours.paper },
  error: { main: colours.stop, contrastText: colours.paper },
  text: { primary: colours.ink, secondary: colours.muted },
  background: { default: colours.paper, paper: colours.sheet },
  divider: colours.hair,
});

const flat = { boxShadow: 'none', '&:hover, &:active': { boxShadow: 'none' } };
const focusRing = { outline: '2px solid var(--river)', outlineOffset: 2 };

/** MUI as a workshop drawing: flat, square, ruled. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'class' },
  colorSchemes: { light: { palette: palette(LIGHT) }, dark: { palette: palette(DARK) } },
  shape: { borderRadius: 0 },
  typography: {
    fontFamily: TEXT,
    fontSize: 14,
    button: { textTransform: 'none', fontWeight: 600, letterSpacing: 0 },
  },
  transitions: { create: () => 'none' },
  components: {
    MuiButtonBase: {
      defaultProps: { disableRipple: true },
      styleOverrides: { root: { '&.Mui-focusVisible': focusRing } },
    },
    MuiButton: {
      defaultProps: { size: 'small', variant: 'outlined', color: 'secondary' },
      styleOverrides: {
        root: {
          ...flat,
          borderRadius: 0,
          padding: '4px 12px',
          lineHeight: 1.5,
          minWidth: 0,
          whiteSpace: 'nowrap',
        },
        outlined: {
          borderColor: 'var(--rule)',
          '&:hover': { borderColor: 'var(--ink)', background: 'transparent' },
        },
        text: {
          padding: '2px 4px',
          color: 'var(--river)',
          textDecoration: 'underline',
          textUnderlineOffset: 3,
        },
        contained: {
          background: 'var(--river)',
          color: 'var(--onRiver)',
          '&:hover': { background: 'var(--ink)', color: 'var(--paper)' },
        },
      },
    },
    MuiInput: {
      styleOverrides: {
        root: {
          fontVariantNumeric: 'tabular-nums',
          '&:before': { borderColor: 'var(--rule)' },
          '&:after': { borderBottomWidth: 2, transition: 'none' },
          '&.Mui-focused:not(.Mui-error):after': { borderColor: 'var(--river)' },
        },
        input: { paddingBottom: 3 },
      },
    },
    MuiFormHelperText: { styleOverrides: { root: { fontSize: 12.5, lineHeight: 1.3, marginTop: 3 } } },
    MuiNativeSelect: { styleOverrides: { select: { '&:focus': { background: 'transparent' } } } },
    MuiCheckbox: {
      defaultProps: { size: 'small', color: 'primary' },
      styleOverrides: { root: { padding: 4, '&.Mui-focusVisible': focusRing } },
    },
    MuiRadio: {
      defaultProps: { size: 'small', color: 'primary' },
      styleOverrides: { root: { padding: '2px 6px 2px 0', '&.Mui-focusVisible': focusRing } },
    },
    MuiFormControlLabel: {
      styleOverrides: {
        root: { marginLeft: 0, marginRight: 0, alignItems: 'flex-start' },
        label: { fontSize: 'inherit', lineHeight: 1.3, paddingTop: 3 },
      },
    },
    MuiToggleButtonGroup: { styleOverrides: { root: { borderRadius: 0 } } },
    MuiToggleButton: {
      defaultProps: { size: 'small' },
      styleOverrides: {
        root: {
          padding: '3px 10px',
          borderRadius: 0,
          border: '1px solid var(--rule)',
          color: 'inherit',
          lineHeight: 1.4,
          fontWeight: 400,
          '&:hover': { background: 'transparent', color: 'var(--river)' },
          '&.Mui-selected, &.Mui-selected:hover': {
            background: 'var(--ink)',
            color: 'var(--paper)',
            fontWeight: 700,
          },
        },
      },
    },
    MuiSlider: {
      defaultProps: { size: 'small', color: 'secondary' },
      styleOverrides: {
        root: { padding: '8px 0', borderRadius: 0 },
        rail: { height: 1.5, opacity: 1, background: 'var(--rule)' },
        track: { height: 1.5, border: 0, background: 'var(--ink)' },
        thumb: {
          width: 18,
          height: 18,
          boxShadow: 'none',
          '&:before': { display: 'none' },
          '&:hover, &.Mui-active': { boxShadow: 'none' },
          '&.Mui-focusVisible': { ...focusRing, boxShadow: 'none' },
        },
      },
    },
    MuiDialog: {
      styleOverrides: {
        paper: {
          borderRadius: 0,
          boxShadow: 'none',
          border: '1.5px solid var(--attention)',
          backgroundImage: 'none',
        },
      },
    },
  },
});
