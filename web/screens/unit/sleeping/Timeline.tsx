import { Box, Grid, Text } from '@chakra-ui/react'
import { Fragment } from 'react'
import { inYears, outlookWords } from '@hitchet/core/questions/sleep/outlookWords'
import type { Outlook } from '@hitchet/core/questions/sleep/yearsAhead'
import { FILLS, VERDICT_WORDS } from '../../../drawing/patterns'
import { Said } from '../../../look/measures'
import { SideScroll } from '../../SideScroll'

/** How long it fits: a band of years to the tenth, the children's ages under it, and what happens in which year. */
export function Timeline({
  outlook: { years, until },
  children,
}: {
  outlook: Outlook
  children: { name: string; age: number }[]
}) {
  if (children.length === 0) return null
  const told = years.filter(({ says }) => says)
  return (
    <Box mt="5">
      <Text as="h3" fontWeight="600" fontSize="15px" mb="1">
        {outlookWords({ years, until })}
      </Text>
      <SideScroll label="Year by year">
        <Grid
          role="img"
          aria-label={years.map(({ year, verdict }) => `${inYears(year)}: ${VERDICT_WORDS[verdict]}`).join('; ')}
          templateColumns={`92px repeat(${years.length}, minmax(52px, 1fr))`}
          alignItems="center"
          rowGap="0.5"
          minW="700px"
          fontSize="13.5px"
        >
          <span />
          {years.map(({ year, verdict }) => (
            <Box key={year} px="1px">
              <svg width="100%" height="16" aria-hidden focusable="false" style={{ display: 'block' }}>
                <rect
                  x="1"
                  y="2"
                  width="98%"
                  height="12"
                  fill={FILLS[verdict]}
                  stroke={`var(--h-colors-${verdict})`}
                  strokeDasharray={verdict === 'measure' ? '3 2' : undefined}
                />
              </svg>
              <Text textAlign="center" color={verdict} fontWeight="600">
                {VERDICT_WORDS[verdict]}
              </Text>
            </Box>
          ))}
          <Text color="line">In years</Text>
          {years.map(({ year }) => (
            <Text key={year} textAlign="center" className="figure" fontWeight="600">
              {year === 0 ? 'now' : year}
            </Text>
          ))}
          {children.map(({ name, age }) => (
            <Fragment key={name}>
              <Text truncate>{name}</Text>
              {years.map(({ year }) => (
                <Text key={year} textAlign="center" className="figure">
                  {Math.floor(age + year)}
                </Text>
              ))}
            </Fragment>
          ))}
        </Grid>
      </SideScroll>
      {told.length > 0 && (
        <ul style={{ listStyle: 'none', marginTop: '6px', fontSize: '14.5px' }}>
          {told.map(({ year, says }) => (
            <li key={year}>
              <b>{inYears(year)}:</b> <Said phrase={says!} />.
            </li>
          ))}
        </ul>
      )}
      <Text color="line" fontSize="13.5px" mt="1">
        Children grow along their centile of the CDC growth charts (United States, 2000): an expectation, not a promise.
      </Text>
    </Box>
  )
}
