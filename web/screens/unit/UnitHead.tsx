import { Button, HStack } from '@chakra-ui/react'
import { Footprints, KeyRound, Mail, Printer, Ruler as RulerIcon } from 'lucide-react'
import NextLink from 'next/link'
import type { ReactNode } from 'react'
import { trailerFigure, trailerName, type Trailer } from '@hitchet/core/trailer/trailer'
import { Figure } from '../../look/measures'
import { PageHead } from '../PageHead'
import { StockTag } from '../StockTag'
import { Shortcuts } from '../shell/Shortcuts'
import { TimeSegments } from '../TimeSegments'
import { LAYER_NAMES, LAYERS } from './layers'
import { TakeOut } from './TakeOut'
import type { UnitView } from './useUnitView'

interface UnitHeadProps {
  trailer: Trailer
  /** Its own address. */
  at: string
  /** The household that it is shown to. */
  household?: string | undefined
  view: UnitView
}

/** Which unit it is, at which time of day it is shown, and where one goes from here. */
export function UnitHead({ trailer, at, household, view }: UnitHeadProps) {
  const price = trailerFigure(trailer, 'askingPrice')
  return (
    <PageHead
      title={trailerName(trailer)}
      line={
        <HStack as="span" gap="3">
          <StockTag stock={trailer.stock} />
          <span>
            {trailer.layout}, {trailer.year} {trailer.condition}
          </span>
          <b className="figure">{price === undefined ? 'no price yet' : <Figure value={price} unit="$" />}</b>
        </HStack>
      }
    >
      <TimeSegments time={view.time} onChange={view.show.time} />
      <TakeOut stock={trailer.stock} />
      <Button variant="outline" size="sm" onClick={() => window.print()}>
        <Printer size={15} aria-hidden /> Print
      </Button>
      <To href={`${at}/walk`} outline>
        <Footprints size={15} aria-hidden /> Walk
      </To>
      {household !== undefined && (
        <>
          <To href={`/households/${household}/after?units=${trailer.stock}`} outline prefetch={false}>
            <Mail size={15} aria-hidden /> Take home
          </To>
          <To href={`${at}/hand-over`} outline>
            <KeyRound size={15} aria-hidden /> Hand over
          </To>
        </>
      )}
      <To href={`${at}/tape`}>
        <RulerIcon size={15} aria-hidden /> Tape
      </To>
      <Shortcuts keys={KEYS} />
    </PageHead>
  )
}

const KEYS = {
  P: 'Parked',
  N: 'Night',
  R: 'On the road',
  0: 'Plan, or all readings',
  ...Object.fromEntries(LAYERS.map((one) => [LAYER_NAMES[one].key, LAYER_NAMES[one].name])),
}

/** Another screen about this unit. */
function To({
  href,
  outline,
  prefetch,
  children,
}: {
  href: string
  outline?: boolean
  prefetch?: boolean
  children: ReactNode
}) {
  return (
    <Button asChild size="sm" className="no-print" {...(outline && { variant: 'outline' as const })}>
      <NextLink href={href} {...(prefetch !== undefined && { prefetch })}>
        {children}
      </NextLink>
    </Button>
  )
}
