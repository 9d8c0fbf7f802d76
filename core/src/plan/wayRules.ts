/**
 * How wide a squeeze must be, and what counts as being in the way. Inches. Whatever is found on a plan rests on
 * these.
 */
export interface WayRules {
  /** To be passed going sideways, with the shoulders straight, without a thought, and in a wheelchair. */
  sideways: number
  shoulder: number
  comfortable: number
  wheelchair: number
  /** The circle it turns in. */
  turns: number
  /** Something that stands or burns in the way out closes this far around it. */
  closes: number
  /** On the first step from the bed nothing is counted as in the way out. */
  firstStep: number
  /** Opened less than this far a refrigerator, and a cupboard or wardrobe, is of little use, degrees. */
  fridgeOpens: number
  cupboardOpens: number
  /** So near to a bed that whoever lies there hears one pass. */
  beside: number
}

export const WAY_RULES: WayRules = {
  sideways: 14, // a grown person turned sideways (common practice)
  shoulder: 18, // shoulders straight, elbows in: most adults (common practice)
  comfortable: 24, // two pass by turning a little; carrying a bag; nobody goes round for a wider way
  wheelchair: 32, // clear width of a doorway for a wheelchair, 2010 ADA Standards 404.2.3 (from memory)
  turns: 60, // turning space of a wheelchair, 2010 ADA Standards 304.3.1 (from memory)
  closes: 12, // half of a person's width to either side (common practice)
  firstStep: 24,
  fridgeOpens: 60, // shelves and drawers come out past it (common practice)
  cupboardOpens: 30, // an arm goes in (common practice)
  beside: 12, // half a step beside the mattress (common practice)
}
