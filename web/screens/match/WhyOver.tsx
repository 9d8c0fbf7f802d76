import { Text } from '@chakra-ui/react'

/** Why it stands before the next, in named differences of points. */
export interface Why {
  over: string
  parts: { short: string; points: number }[]
}

/** So many differences are named. */
const MOST = 6

export function WhyOver({ over, parts }: Why) {
  const sum = parts.reduce((all, { points }) => all + points, 0)
  return (
    <Text mt="1" fontSize="14px">
      Beside {over}:{' '}
      {parts.length === 0
        ? 'equal in all that was asked.'
        : `${parts
            .slice(0, MOST)
            .map(({ short, points }) => `${short.toLowerCase()} ${signed(points)}`)
            .join(
              ', ',
            )}${parts.length > MOST ? ` and ${parts.length - MOST} smaller ones` : ''}; ${signed(sum)} in all, of 100 points.`}
    </Text>
  )
}

const signed = (points: number): string => `${points < 0 ? '−' : '+'}${Math.abs(points).toFixed(1)}`
