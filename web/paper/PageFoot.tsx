import { Text, View } from '@react-pdf/renderer'
import type { TakeHome } from '@hitchet/core/takehome/takeHome'
import { styles } from './sheet'

/** On every page: who made it, for when it counts, and which page it is. */
export function PageFoot({
  taken: { dealership, by, on },
  onPages,
}: {
  taken: TakeHome
  /** How many sheets the page it stands on has become. */
  onPages?(pages: number): void
}) {
  return (
    <View style={styles.foot} fixed>
      <Text>
        {dealership} · {by} · as of {on}, by what was read and measured until then
      </Text>
      <Text
        render={({ pageNumber, totalPages, subPageTotalPages }) => {
          if (subPageTotalPages) onPages?.(subPageTotalPages)
          return `${pageNumber} of ${totalPages}`
        }}
      />
    </View>
  )
}
