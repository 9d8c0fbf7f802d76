import { createSystem, defaultConfig, defineConfig } from '@chakra-ui/react'

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
        paper: pair('#f5f1e8', '#161c1c'),
        floor: pair('#fbf9f3', '#273130'),
        bar: pair('#fffdf7', '#1d2524'),
        sunk: pair('#ebe5d6', '#101515'),
        ink: pair('#1f2b2d', '#ece7da'),
        line: pair('#5b6665', '#a3aeaa'),
        hair: pair('#d9d1be', '#3a4544'),
        green: pair('#1f5a46', '#74c3a1'),
        onGreen: pair('#fffdf7', '#10201a'),
        fits: pair('#1f5a46', '#74c3a1'),
        tight: pair('#8c5300', '#e6ac58'),
        no: pair('#a83a26', '#ee9c87'),
        measure: pair('#54636f', '#a9b8c6'),
        cushion: pair('#efe9da', '#33403e'),
        sheet: pair('#dfe8e6', '#3a4d52'),
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

export const system = createSystem(defaultConfig, config)
