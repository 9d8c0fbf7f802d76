import { ALL } from '../questions/index'
import { fixed, rule } from '../rule/rule'

/** How units are ordered: what each question weighs, and what a verdict earns of it. */
export const RANKING_RULES = {
  weights: Object.fromEntries(
    ALL.map(({ id, weight, words }) => [
      id,
      rule(
        `Weight in the order: ${words.topic}`,
        weight,
        'number',
        [0, 10],
        'What families turn units down for (common practice)',
        0.5,
      ),
    ]),
  ),
  points: {
    fits: fixed(1, 'The scale itself'),
    tight: rule('Tight earns of its weight', 0.5, 'share', [0.36, 0.9], 'Half as good as fitting', 0.01),
    measure: rule(
      'To measure earns of its weight',
      0.35,
      'share',
      [0.05, 0.35],
      'Less than tight: nothing unknown is better than something known',
      0.01,
    ),
    no: fixed(0, 'The scale itself'),
  },
} as const
