'use client';
import { createTheme, type MantineColorsTuple } from '@mantine/core';

/** Cool accent: what one can do. */
const pine: MantineColorsTuple = [
  '#e8f4f2',
  '#cfe7e4',
  '#a3d0cb',
  '#7cbdb6',
  '#52a69f',
  '#31948c',
  '#1f8179',
  '#126f68',
  '#0b5d57',
  '#064b46',
];

/** Warm accent: whose move it is, and what needs a look. */
const clay: MantineColorsTuple = [
  '#fcefe8',
  '#f6dccd',
  '#f0bfa5',
  '#e99a72',
  '#df723d',
  '#d05d25',
  '#b94d1a',
  '#a14114',
  '#8a370e',
  '#702c0a',
];

/** Paper and ink. */
const gray: MantineColorsTuple = [
  '#faf7f1',
  '#f3eee5',
  '#e9e2d6',
  '#dbd2c3',
  '#c4b9a8',
  '#9c9184',
  '#675e55',
  '#544c44',
  '#3b352f',
  '#26211d',
];

/** The same workbench by lamplight. */
const dark: MantineColorsTuple = [
  '#ece7f0',
  '#d3cbdb',
  '#b5abc0',
  '#85798f',
  '#574d63',
  '#433a4e',
  '#332b3c',
  '#272030',
  '#1f1927',
  '#17121d',
];

/** Sizes: nothing under 14 px for coaches; controls are at least 44 px high. */
export const theme = createTheme({
  colors: { pine, clay, gray, dark },
  primaryColor: 'pine',
  primaryShade: { light: 8, dark: 8 },
  black: '#2a2433',
  white: '#fffdf8',
  fontFamily: 'Andika, sans-serif',
  fontFamilyMonospace: 'ui-monospace, "DejaVu Sans Mono", monospace',
  headings: { fontFamily: 'Andika, sans-serif', fontWeight: '700' },
  fontSizes: { xs: '0.875rem', sm: '0.9375rem', md: '1rem', lg: '1.125rem', xl: '1.3125rem' },
  defaultRadius: 'md',
  cursorType: 'pointer',
  focusRing: 'auto',
  respectReducedMotion: true,
  components: {
    Button: { defaultProps: { size: 'md' }, styles: { root: { minHeight: '2.75rem' } } },
    ActionIcon: { defaultProps: { size: 44, variant: 'default' } },
    TextInput: { defaultProps: { size: 'md' } },
    PasswordInput: { defaultProps: { size: 'md' } },
    NativeSelect: { defaultProps: { size: 'md' } },
    Checkbox: { defaultProps: { size: 'md' } },
    Modal: { defaultProps: { centered: true, transitionProps: { duration: 0 } } },
  },
});
