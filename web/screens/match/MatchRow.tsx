'use client'

import { ChevronDown } from 'lucide-react'
import NextLink from 'next/link'
import { useState, type ReactNode } from 'react'
import type { MatchRow as Row } from '@hitchet/core/match/told/row'
import { listedPhrases, type Phrase } from '@hitchet/core/quantity/phrase'
import { Figure, Said } from '../../look/measures'
import type { Choice } from '../../server/db/walkEvents'
import { StockTag } from '../StockTag'
import { unitAddress } from '../unitAddress'
import { LineOf } from '../Verdict'
import { AllReasons } from './AllReasons'
import { ChooseUnit } from './Choosing'
import { SamePlan } from './SamePlan'

interface MatchRowProps {
  household: string
  row: Row & {
    /** The small changes that would let it in. */ nearly?: readonly Phrase[]
    /** What its like fails by. */ likely?: Phrase
  }
  /** To pin it, set it aside or note a word. */
  keeping?: ReactNode
  /** Where it stands with them beside what is reckoned. */
  choice?: Choice
  strip: ReactNode
}

/** One plan: its strip, what a consultant says of it, the bars that matter, and every reason on demand. */
export function MatchRow({ household, row, keeping, choice, strip }: MatchRowProps) {
  const [open, setOpen] = useState(false)
  const { stock, name, layout, price, pitch, lines, same, more, nearly, likely } = row
  const { speaksFor, against, toFindOut } = pitch
  return (
    <div className="row-line match-row" role="group" aria-label={`${stock} ${name}`}>
      <div className="across">
        {strip}
        <div className="told">
          <div className="named">
            <StockTag stock={stock} />
            <NextLink className="plain-link" href={unitAddress(stock, household)} prefetch={false}>
              {name}
            </NextLink>
            <b className="figure">{price === undefined ? 'no price yet' : <Figure value={price} unit="$" />}</b>
            <span className="quiet">{layout}</span>
            <ChooseUnit stock={stock} />
            {keeping}
            <button
              type="button"
              className="word-button"
              onClick={() => setOpen(!open)}
              aria-expanded={open}
              aria-controls={`why-${stock}`}
            >
              {open ? 'Hide the reasons' : 'All reasons'}
              <ChevronDown size={14} aria-hidden style={{ transform: open ? 'rotate(180deg)' : undefined }} />
            </button>
          </div>
          {speaksFor && <Line lead="For it" says={speaksFor} />}
          {against && <Line lead="Against" says={against} />}
          {toFindOut && <Line lead="Find out" says={toFindOut} />}
          {choice?.word && (
            <p>
              <b>{choice.by ?? 'Noted'}</b>, {choice.on}: “{choice.word}”
            </p>
          )}
          {likely && (
            <p>
              <b>
                <Said phrase={likely} />
              </b>
            </p>
          )}
          {nearly && (
            <p>
              <b>
                It would do if <Said phrase={listedPhrases(nearly)} />
                {(toFindOut ?? likely) && ' and what is missing turns out well'}.
              </b>
            </p>
          )}
          <SamePlan stock={stock} units={same} more={more} household={household} />
        </div>
        <div className="answers">
          {lines.map(({ short, line }) => (
            <LineOf key={short} short={short} line={line} narrow />
          ))}
        </div>
      </div>
      <div id={`why-${stock}`}>{open && <AllReasons household={household} stock={stock} />}</div>
    </div>
  )
}

const Line = ({ lead, says }: { lead: string; says: Phrase }) => (
  <p>
    <b>{lead}:</b> <Said phrase={says} />
  </p>
)
