import { notFound } from 'next/navigation'
import { trailersByStock } from '../../server/db/trailers'
import { WalkBoard } from './WalkBoard'

/** Taking a unit in along the walk: station by station, what is to be noted, read or measured there. */
export async function Walk({ stock }: { stock: string }) {
  const [found] = await trailersByStock([stock])
  if (!found) notFound()
  return <WalkBoard trailer={found.trailer} />
}
