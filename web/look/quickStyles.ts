import type { SystemContext } from '@chakra-ui/react'

/** So many ways of dressing an element are remembered; a house's pages have some two thousand. */
const MOST = 10_000

/**
 * The same system, which remembers more. As it comes it makes the recipe of every element anew each time one is drawn, and forgets
 * styles after five hundred: half of the time of drawing a page. What it gives back is the same (`quickStyles.test.tsx`).
 */
export function quick(system: SystemContext): SystemContext {
  return { ...system, cva: byConfig(system), css: byText(system), isValidProperty: byName(system) }
}

const NOTHING = {}

/** The recipe of a component is one object as long as the program runs, and so is that of one made of another. */
function byConfig({ cva }: SystemContext): SystemContext['cva'] {
  const made = remembered((config: object) => {
    const own = cva(config as never)
    const merge = own.merge.bind(own)
    return Object.assign(own, { merge: remembered(merge as (other: object) => object) })
  })
  return ((config: object = NOTHING) => made(config)) as SystemContext['cva']
}

function remembered<Made extends object>(make: (from: object) => Made): (from: object) => Made {
  const known = new WeakMap<object, Made>()
  return (from) => {
    const own = known.get(from) ?? make(from)
    known.set(from, own)
    return own
  }
}

/** What a recipe gives is an object that is remembered; what is said of one element is told by its text, in its order. */
function byText({ css }: SystemContext): SystemContext['css'] {
  let known = new WeakMap<object, Map<string, unknown>>()
  let size = 0
  return ((...styles: object[]) => {
    const [first, ...rest] = styles
    if (!first) return css(...(styles as never[]))
    const text = JSON.stringify(rest)
    const own = known.get(first) ?? new Map<string, unknown>()
    const made = own.get(text) ?? css(...(styles as never[]))
    if (!own.has(text) && ++size > MOST) {
      known = new WeakMap()
      size = 0
    }
    known.set(first, own.set(text, made))
    return made
  }) as SystemContext['css']
}

function byName({ isValidProperty }: SystemContext): SystemContext['isValidProperty'] {
  const known = new Map<string, boolean>()
  return (name) => {
    const own = known.get(name) ?? isValidProperty(name)
    if (known.size < MOST) known.set(name, own)
    return own
  }
}
