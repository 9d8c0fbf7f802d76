/** The scripts, styles and fonts that a page names, also those it will only ask for later. */
export const assetsIn = (html: string): string[] => [
  ...new Set(
    [...html.matchAll(/(?:\/_next\/)?static\/(?:chunks|css|media)\/[^"'\\\s)<>]+/g)].map(([found]) =>
      found.startsWith('/_next/') ? found : `/_next/${found}`,
    ),
  ),
]
