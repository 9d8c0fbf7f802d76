import { Line, Svg, Text, View } from '@react-pdf/renderer'
import type { MeasureSystem } from '@hitchet/core/quantity/format'
import type { PaperScale } from './scale'
import { styles } from './sheet'

/** What the bar shows, inches. */
const SHOWS = { us: { inches: 48, words: '4 ft' }, metric: { inches: 100 / 2.54, words: '1 m' } } as const

/** The scale, and a bar that stays true when a printer shrinks the page. */
export function ScaleBar({ scale: { oneTo, points }, system }: { scale: PaperScale; system: MeasureSystem }) {
  const { inches, words } = SHOWS[system]
  const width = inches * points
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 5, alignItems: 'center' }}>
      <Svg viewBox={`0 0 ${width} 6`} style={{ width, height: 6 }}>
        <Line x1={0} x2={width} y1={3} y2={3} stroke="#000000" strokeWidth={1} />
        <Line x1={0.5} x2={0.5} y1={0} y2={6} stroke="#000000" strokeWidth={1} />
        <Line x1={width - 0.5} x2={width - 0.5} y1={0} y2={6} stroke="#000000" strokeWidth={1} />
      </Svg>
      <Text style={styles.small}>
        {words}, scale 1:{oneTo}, hitch at the left
      </Text>
    </View>
  )
}
