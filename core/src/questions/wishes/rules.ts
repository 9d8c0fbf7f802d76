import { rule, type ValuesOf } from '../../rule/rule'

export const WISH_RULES = {
  largeCylinder: rule(
    'A large LP cylinder holds at least',
    30,
    'lb',
    [20, 40],
    'Cylinders are sold for 20, 30 and 40 lb of propane',
    10,
  ),
} as const

export type WishRules = ValuesOf<typeof WISH_RULES>
