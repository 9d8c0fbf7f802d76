import { setLocale } from 'yup'

/**
 * Yup's messages say what would be right, so that they can stand behind the place and the value. They are
 * fixed when a schema is made: whatever makes schemas imports this first.
 */
setLocale({
  mixed: {
    default: 'something else',
    required: 'a value',
    defined: 'a value',
    notNull: 'a value, or leave it out',
    oneOf: ({ values }) => `one of ${values}`,
    notType: ({ type }) =>
      `${type === 'array' ? 'a list' : type === 'object' ? 'an object' : type === 'tuple' ? 'a list of fixed length' : `a ${type}`}`,
  },
  string: {
    min: ({ min }) => `a text of at least ${min} characters`,
    max: ({ max }) => `a text of at most ${max} characters`,
  },
  number: {
    min: ({ min }) => `${min} or more`,
    max: ({ max }) => `${max} or less`,
    moreThan: ({ more }) => `more than ${more}`,
    integer: 'a whole number',
  },
  array: { min: ({ min }) => `at least ${min} entries`, max: ({ max }) => `at most ${max} entries` },
  object: { noUnknown: ({ unknown }) => `no unknown key (${unknown})` },
  tuple: { notType: ({ spec }) => `a list of ${spec.types.length} numbers` },
})
