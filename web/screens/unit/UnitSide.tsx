import { Box, Grid, Text } from '@chakra-ui/react'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { AnswerLine } from '../Verdict'
import { LayerNotes } from './LayerNotes'
import { ReadingsPanel } from './ReadingsPanel'
import { RestsPanel } from './RestsPanel'
import type { SeenBy } from './seenBy'
import { ToFindOut } from './ToFindOut'
import type { UnitView } from './useUnitView'

/** Below the plan: what the layer shows in words, what is read of the thing one looks at, and how it stands for them. */
export function UnitSide({ trailer, seenBy, view }: { trailer: Trailer; seenBy?: SeenBy | undefined; view: UnitView }) {
  const { layer, analysis, failed, reached, chosen, show } = view
  const pick = (id: string | null) => show.thing(id)
  return (
    <Grid
      templateColumns={{
        base: 'minmax(0, 1fr)',
        lg: seenBy ? 'minmax(0, 1fr) minmax(0, 1.1fr) 464px' : 'minmax(0, 1fr) minmax(0, 1.1fr)',
      }}
      gap="8"
      pt="3"
      alignItems="start"
    >
      <LayerNotes
        layer={layer}
        analysis={analysis}
        failed={failed}
        trailer={trailer}
        reached={reached}
        stowed={seenBy?.stowed}
        onPick={pick}
      />
      <Box>
        {seenBy && chosen === undefined && <ToFindOut waiting={seenBy.toFindOut} household={seenBy.id} onPick={pick} />}
        <ReadingsPanel
          trailer={trailer}
          apart={view.apart}
          chosen={chosen}
          tallest={seenBy?.tallest}
          onPick={pick}
          short={seenBy !== undefined && chosen === undefined}
        />
      </Box>
      {seenBy && (
        <Box>
          <Text as="h2" fontWeight="700" mb="1">
            For this household
          </Text>
          {seenBy.asked.map(({ id, short, answer: given }) => (
            <AnswerLine key={id} short={short} answer={given} />
          ))}
          <RestsPanel stock={trailer.stock} household={seenBy.id} />
        </Box>
      )}
    </Grid>
  )
}
