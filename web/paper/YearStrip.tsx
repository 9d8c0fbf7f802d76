import { G, Line, Rect, Svg, Text, View } from '@react-pdf/renderer'
import type { Verdict } from '@hitchet/core/questions/reason'
import { inYears, outlookWords } from '@hitchet/core/questions/sleep/outlookWords'
import type { Outlook } from '@hitchet/core/questions/sleep/yearsAhead'
import { phraseText } from '@hitchet/core/quantity/phrase'
import type { MeasureSystem } from '@hitchet/core/quantity/format'
import { VERDICT_WORDS } from '../drawing/patterns'
import { styles } from './sheet'

const BOX = { width: 20, height: 9 }

/** Ten years in a row, each by its filling and, below, what happens in which year. */
export function YearStrip({ outlook, system }: { outlook: Outlook; system: MeasureSystem }) {
  const { years } = outlook
  const kinds = [...new Set(years.map(({ verdict }) => verdict))]
  const told = years.filter(({ says }) => says).slice(0, 3)
  return (
    <View>
      <Text style={styles.heading}>Beds: {outlookWords(outlook).replace(/^It/, 'it')}</Text>
      <View style={{ flexDirection: 'row' }}>
        {years.map(({ year, verdict }) => (
          <View key={year} style={{ width: BOX.width, alignItems: 'center' }}>
            <Filling verdict={verdict} />
            <Text style={styles.small}>{year === 0 ? 'now' : year}</Text>
          </View>
        ))}
      </View>
      <View style={{ flexDirection: 'row', gap: 8 }}>
        {kinds.map((verdict) => (
          <View key={verdict} style={{ flexDirection: 'row', gap: 3, alignItems: 'center' }}>
            <Filling verdict={verdict} />
            <Text style={styles.small}>{VERDICT_WORDS[verdict]}</Text>
          </View>
        ))}
      </View>
      {told.map(({ year, says }) => (
        <Text key={year}>
          {inYears(year)}: {phraseText(says!, system)}.
        </Text>
      ))}
      <Text style={styles.small}>Children grow as the CDC growth charts expect (2000): no promise.</Text>
    </View>
  )
}

/** Full, hatched, crossed and hollow. */
export function Filling({ verdict }: { verdict: Verdict }) {
  const [width, height] = [BOX.width - 2, BOX.height]
  const slants = [3, 7, 11, 15]
  return (
    <Svg viewBox={`0 0 ${width} ${height}`} style={{ width, height }}>
      <Rect
        x={0.5}
        y={0.5}
        width={width - 1}
        height={height - 1}
        stroke="#000000"
        strokeWidth={0.8}
        fill={verdict === 'fits' ? '#444444' : 'none'}
        {...(verdict === 'measure' && { strokeDasharray: '2 1.5' })}
      />
      {(verdict === 'tight' || verdict === 'no') && (
        <G stroke="#000000" strokeWidth={0.7}>
          {slants.map((x) => (
            <Line key={x} x1={x - 2} x2={x + 2} y1={height - 1} y2={1} />
          ))}
        </G>
      )}
      {verdict === 'no' && (
        <G stroke="#000000" strokeWidth={0.7}>
          {slants.map((x) => (
            <Line key={x} x1={x - 2} x2={x + 2} y1={1} y2={height - 1} />
          ))}
        </G>
      )}
    </Svg>
  )
}
