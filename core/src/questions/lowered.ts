/** A label within a sentence: `An oven` is `an oven`, `TV` stays. */
export const lowered = (label: string): string => label.replace(/^[A-Z](?=[a-z ])/, (letter) => letter.toLowerCase())
