/** Ink on white: what the look's colors are on paper, also on one that knows no color. */
const PRINT: Record<string, string> = {
  paper: '#ffffff',
  floor: '#ffffff',
  bar: '#ffffff',
  sunk: '#eeeeee',
  ink: '#000000',
  line: '#444444',
  hair: '#bbbbbb',
  cushion: '#f2f2f2',
  sheet: '#e6e6e6',
}

/** A drawing's text with every color of the look as it is on paper. */
export const onPaper = (svg: string): string =>
  svg.replace(/var\(--h-colors-([a-zA-Z]+)\)/g, (_, name: string) => PRINT[name] ?? '#000000')
