'use client'

import { Button } from '@chakra-ui/react'
import NextLink from 'next/link'
import { parseAsStringLiteral, useQueryState } from 'nuqs'
import { useState } from 'react'
import type { ToMeasure } from '@hitchet/core/match/asking/tapeList'
import { trailerName, type Trailer } from '@hitchet/core/trailer/trailer'
import { PageHead } from '../PageHead'
import { Segments } from '../Segments'
import { StockTag } from '../StockTag'
import { Editor } from './editor/Editor'
import { playedMeter } from './laser/playedMeter'
import { MeterProvider } from './laser/useMeter'
import { Measure } from './Measure'
import type { Model } from './model'

export function TapeBoard({
  trailer,
  unitAt,
  version,
  list,
  models,
}: {
  trailer: Trailer
  /** Where the unit itself is shown. */
  unitAt: string
  version: number
  list: ToMeasure[]
  models: Model[]
}) {
  const [mode, setMode] = useQueryState('do', parseAsStringLiteral(['measure', 'draw'] as const).withDefault('measure'))
  const [meter] = useState(playedMeter)
  return (
    <MeterProvider meter={meter}>
      <PageHead title={trailerName(trailer)} line={<StockTag stock={trailer.stock} />}>
        <Segments
          label="What to do"
          value={mode}
          onChange={(value) => void setMode(value)}
          options={[
            { value: 'measure', name: 'Measure' },
            { value: 'draw', name: 'Draw' },
          ]}
        />
        <Button asChild variant="outline" size="sm">
          <NextLink href={unitAt}>The unit</NextLink>
        </Button>
      </PageHead>
      {mode === 'measure' ? (
        <Measure trailer={trailer} list={list} meter={meter} />
      ) : (
        <Editor trailer={trailer} version={version} models={models} meter={meter} />
      )}
    </MeterProvider>
  )
}
