import { Text } from '@chakra-ui/react'
import { best, contradicting, type Reading, type ReadingSpec } from '@hitchet/core/readings/reading'
import { ReadingSource, ReadingValue } from './ReadingValue'

/** The reading to go by with where it comes from, or that there is none and how to take it; and what contradicts it. */
export function ReadingOrNot({ spec, readings, told }: { spec: ReadingSpec; readings?: Reading[]; told: boolean }) {
  const goBy = best(readings)
  return (
    <>
      {goBy ? (
        <>
          <b className="figure">
            <ReadingValue spec={spec} reading={goBy} />
          </b>{' '}
          <ReadingSource reading={goBy} />
        </>
      ) : (
        <Text as="span" color="measure" fontWeight="600">
          {told ? 'Not looked' : 'Measure'}
          {spec.how && (
            <Text as="span" fontWeight="400">
              : {spec.how.charAt(0).toLowerCase() + spec.how.slice(1)}
            </Text>
          )}
        </Text>
      )}
      {contradicting(readings).map((one, i) => (
        <Text key={i} color="no" fontSize="14px">
          but <ReadingValue spec={spec} reading={one} /> by <ReadingSource reading={one} />
        </Text>
      ))}
    </>
  )
}
