/**
 * What follows from a thing alone, worked out once and remembered. It is never out of date, by one rule: a thing that was handed
 * to `make` is not changed afterwards (all of core's data is so; a change makes a new object), and `make` looks at nothing else.
 * It is forgotten with the thing, or, by text, once so many others were asked for since.
 */

/** Once for each object. */
export function oncePer<Of extends object, Made>(make: (of: Of) => Made): (of: Of) => Made {
  const known = new WeakMap<Of, { made: Made }>()
  return (of) => {
    let one = known.get(of)
    if (!one) known.set(of, (one = { made: make(of) }))
    return one.made
  }
}

/** Once for each object; asked of what it made, it gives that back as it is. */
export function oncePerAndItself<Of extends object>(make: (of: Of) => Of): (of: Of) => Of {
  const known = new WeakMap<Of, Of>()
  return (of) => {
    const before = known.get(of)
    if (before) return before
    const made = make(of)
    known.set(of, made)
    known.set(made, made)
    return made
  }
}

export interface PerPart<Of, Part, Made> {
  (of: Of, part: Part): Made
  /** What is remembered already: nothing is worked out for it. */
  known(of: Of, part: Part): Made | undefined
}

/** Once for each object and part of it. */
export function oncePerPart<Of extends object, Part extends string, Made>(
  make: (of: Of, part: Part) => Made,
): PerPart<Of, Part, Made> {
  const partsOf = oncePer((_: Of) => new Map<Part, { made: Made }>())
  const once = (of: Of, part: Part): Made => {
    const parts = partsOf(of)
    let one = parts.get(part)
    if (!one) parts.set(part, (one = { made: make(of, part) }))
    return one.made
  }
  return Object.assign(once, { known: (of: Of, part: Part) => partsOf(of).get(part)?.made })
}

/** By text, the latest `most` that were asked for. `make` must follow from the text. */
export function latest<Made>(most: number): (text: string, make: () => Made) => Made {
  const known = new Map<string, { made: Made }>()
  return (text, make) => {
    const one = known.get(text) ?? { made: make() }
    known.delete(text)
    known.set(text, one)
    if (known.size > most) known.delete(known.keys().next().value!)
    return one.made
  }
}
