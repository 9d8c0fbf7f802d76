import { number, string } from 'yup'
import { describe, expect, it } from 'vitest'
import { objectOf } from './objectOf'

interface Sample {
  name: string
  feet?: number
}

describe('a schema and its type cannot part', () => {
  it('what is of the type is let in, anything else is not', () => {
    const schema = objectOf<Sample>()({ name: string().required(), feet: number() })
    expect(schema.isValidSync({ name: 'Ro', feet: 6 }, { strict: true })).toBe(true)
    expect(schema.isValidSync({ name: 'Ro', inches: 72 }, { strict: true })).toBe(false)
  })

  // The compiler is the test: each of these must be an error, or `npm run check` fails on the unused expectation.
  it('a key too few, one too many, another kind, or one that may be absent where it must not: none compiles', () => {
    const made = [
      // @ts-expect-error feet is missing
      objectOf<Sample>()({ name: string().required() }),
      // @ts-expect-error inches is no key of it
      objectOf<Sample>()({ name: string().required(), feet: number(), inches: number() }),
      // @ts-expect-error feet is a number
      objectOf<Sample>()({ name: string().required(), feet: string() }),
      // @ts-expect-error name must be there
      objectOf<Sample>()({ name: string(), feet: number() }),
    ]
    expect(made).toHaveLength(4)
  })
})
