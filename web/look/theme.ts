import { createSystem, defineConfig } from '@chakra-ui/react/styled-system'
import { chakraBase } from './chakraBase'
import { PALETTE } from './palette'
import { FIELD_RULES } from './fieldRules'
import { ROW_RULES } from './rowRules'

/**
 * A color by day and by evening. Every pair of text and ground used here keeps 4.5:1, graphics 3:1 (WCAG 2.2
 * AA; e2e runs axe in both).
 */
const pair = (day: string, evening: string) => ({ value: { base: day, _dark: evening } })

const config = defineConfig({
  cssVarsPrefix: 'h',
  globalCss: {
    'html, body': { bg: 'paper', color: 'ink', fontFamily: 'body', fontSize: '15px', lineHeight: 1.45 },
    '*:focus-visible': { outline: '2px solid', outlineColor: 'green', outlineOffset: '2px' },
    // Its own outline is a frame already.
    '.somebody:focus-visible > :first-child': { strokeDasharray: '4 2' },
    '.sr-only': {
      position: 'absolute',
      width: '1px',
      height: '1px',
      overflow: 'hidden',
      clipPath: 'inset(50%)',
      whiteSpace: 'nowrap',
    },
    '.choice': {
      fontSize: '14.5px',
      '& legend': { fontSize: '13.5px' },
      '& label': {
        display: 'inline-flex',
        alignItems: 'center',
        gap: '6px',
        mr: '14px',
        minH: '24px',
        cursor: 'pointer',
      },
      '& input': { accentColor: 'var(--h-colors-green)', width: '16px', height: '16px', m: 0 },
    },
    'label.choice': { display: 'inline-flex', alignItems: 'center', gap: '6px', minH: '24px', cursor: 'pointer' },
    // A line of a list that is ticked off: a thumb wide on a tablet, as close as print allows on paper.
    '.tick': {
      display: 'flex',
      gap: '10px',
      alignItems: 'flex-start',
      width: '100%',
      minHeight: '48px',
      padding: '9px 2px',
      textAlign: 'left',
      cursor: 'pointer',
      '@media print': { minHeight: '0', padding: '2px 0', gap: '6px' },
    },
    // A strip that is a picture is there by day and by evening; the one that is not seen is not fetched.
    '.by-evening, .dark .by-day': { display: 'none' },
    '.dark .by-evening': { display: 'block', '@media print': { display: 'none' } },
    '.dark .by-day ': { '@media print': { display: 'block' } },
    ...ROW_RULES,
    ...FIELD_RULES,
    '.figure': { fontFamily: 'figure', fontVariantNumeric: 'tabular-nums' },
    '.walker': { '@media (prefers-reduced-motion: reduce)': { display: 'none' } },
    // Ink on paper: patterns and dashes say what colors say on the screen.
    'html, html.light, html.dark': {
      '@media print': Object.fromEntries([
        ...['paper', 'floor', 'bar', 'sunk'].map((name) => [`--h-colors-${name}`, '#fff !important']),
        ...['ink', 'line', 'green', 'fits', 'tight', 'no', 'measure'].map((name) => [
          `--h-colors-${name}`,
          '#000 !important',
        ]),
        ...['hair', 'cushion', 'sheet'].map((name) => [`--h-colors-${name}`, '#e8e8e8 !important']),
      ]),
    },
    '.no-print, header, nav, button:not(.tick, .plain), [role=radiogroup], select': {
      '@media print': { display: 'none !important' },
    },
    '*': { '@media (prefers-reduced-motion: reduce)': { transition: 'none !important', animation: 'none !important' } },
  },
  theme: {
    tokens: {
      fonts: {
        body: { value: "'Figtree Variable', system-ui, sans-serif" },
        heading: { value: "'Figtree Variable', system-ui, sans-serif" },
        figure: { value: "'Barlow Semi Condensed', 'Figtree Variable', sans-serif" },
      },
    },
    semanticTokens: {
      colors: {
        ...Object.fromEntries(Object.entries(PALETTE).map(([name, { day, evening }]) => [name, pair(day, evening)])),
      },
    },
    recipes: {
      button: {
        base: { fontWeight: 600, borderRadius: '6px' },
        variants: {
          variant: {
            solid: { bg: 'green', color: 'onGreen', _hover: { bg: 'green', filter: 'brightness(1.12)' } },
            outline: { borderColor: 'line', color: 'ink', bg: 'bar', _hover: { bg: 'sunk' } },
            ghost: { color: 'ink', _hover: { bg: 'sunk' } },
          },
        },
      },
      input: {
        variants: {
          variant: {
            outline: {
              bg: 'bar',
              borderColor: 'line',
              color: 'ink',
              borderRadius: '6px',
              _placeholder: { color: 'line' },
            },
          },
        },
      },
      textarea: {
        variants: { variant: { outline: { bg: 'bar', borderColor: 'line', color: 'ink', borderRadius: '6px' } } },
      },
    },
  },
})

export const system = createSystem(chakraBase, config)
