import { Button, Link } from '@chakra-ui/react'
import NextLink from 'next/link'
import { frameOf } from '../../drawing/frame'
import { yardCards } from '../../server/services/cards'
import { YARD_ORDERS, yardPage, type YardOrder } from '../../server/services/yardList'
import { PageHead } from '../PageHead'
import { YardList } from './YardList'

/** What the address says is looked for. */
export interface Looked {
  q?: string | string[]
  order?: string | string[]
}

/** All stock as strips on one ruler; with a household open, each with how it stands for them. */
export async function Yard({ household, looked }: { household?: string; looked: Looked }) {
  const [text, order] = [first(looked.q), first(looked.order)]
  const search = { text, order: YARD_ORDERS.find((one) => one === order) ?? ('order' satisfies YardOrder) }
  const [cards, page] = await Promise.all([yardCards(), yardPage({ ...search, from: 0, household })])
  return (
    <>
      <PageHead title="Yard" line={`${page.all} units in stock, drawn to one scale from the coupler`}>
        <Button asChild size="sm">
          <NextLink href="/yard/take-in">Take a unit in</NextLink>
        </Button>
        <Button asChild variant="outline" size="sm">
          <Link asChild>
            <NextLink href="/yard/import">Bring in files</NextLink>
          </Link>
        </Button>
      </PageHead>
      <YardList first={{ ...search, page }} frame={frameOf(cards.map(({ extent }) => extent))} household={household} />
    </>
  )
}

const first = (value: string | string[] | undefined): string => (Array.isArray(value) ? value[0] : value) ?? ''
