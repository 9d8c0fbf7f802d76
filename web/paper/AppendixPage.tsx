import { Page, Text, View } from '@react-pdf/renderer'
import { listed, phraseText } from '@hitchet/core/quantity/phrase'
import { CAUTIONS, type CautionId } from '@hitchet/core/questions/cautions'
import { SOURCE_AT_HOME } from '@hitchet/core/takehome/words'
import type { TakenUnit } from '@hitchet/core/takehome/takeHome'
import { VERDICT_WORDS } from '../drawing/patterns'
import { PageFoot } from './PageFoot'
import { styles } from './sheet'
import type { PaperJob } from '../contracts/paper'
import { Filling } from './YearStrip'

/** What was asked and answered, every caution whole, what is still open; of a single unit every reading with its source. */
export function AppendixPage({ taken, size, system }: PaperJob) {
  const { units } = taken
  const cautions = [...new Set(units.flatMap((unit) => unit.cautions))]
  return (
    <Page size={size} orientation="landscape" style={styles.page}>
      <Text style={styles.title}>Appendix</Text>
      <View style={styles.rule}>
        {cautions.map((one: CautionId) => (
          <Text key={one} style={styles.small}>
            {CAUTIONS[one]}
          </Text>
        ))}
      </View>
      {units.map((unit) => (
        <AnswersTo key={unit.stock} unit={unit} system={system} />
      ))}
      {units.length === 1 && <Readings unit={units[0]!} system={system} />}
      <PageFoot taken={taken} />
    </Page>
  )
}

interface PartProps {
  unit: TakenUnit
  system: PaperJob['system']
}

function AnswersTo({ unit, system }: PartProps) {
  const { atHome, onTheUnit } = unit.readFirst
  return (
    <View style={{ marginTop: 8 }}>
      <Text style={styles.heading} minPresenceAhead={30}>
        What was asked of {unit.stock}
      </Text>
      {unit.asked.map(({ asks, verdict, says }) => (
        <View key={asks} style={[styles.row, { alignItems: 'flex-start' }]} wrap={false}>
          <View style={{ width: 72, flexDirection: 'row', gap: 4, alignItems: 'center' }}>
            <Filling verdict={verdict} />
            <Text style={{ fontWeight: 600 }}>{VERDICT_WORDS[verdict]}</Text>
          </View>
          <Text style={{ width: 150, fontWeight: 600 }}>{asks}</Text>
          <Text style={{ flex: 1 }}>{says.map((one) => phraseText(one, system)).join(' ')}</Text>
        </View>
      ))}
      <Text style={{ marginTop: 3 }}>
        <Text style={{ fontWeight: 600 }}>Read before you decide: </Text>
        {[...atHome, ...onTheUnit].join('; ')}.
      </Text>
    </View>
  )
}

/** Thing by thing, each line one reading: its source and day behind it, and what another source says. */
function Readings({ unit, system }: PartProps) {
  return (
    <View style={{ marginTop: 8 }}>
      <Text style={styles.heading} minPresenceAhead={30}>
        Every reading of {unit.stock}
      </Text>
      {unit.readings.map(({ of, rows }, i) => (
        <View key={i} style={{ flexDirection: 'row', gap: 6, borderTopWidth: 0.4, borderTopColor: '#999999' }}>
          <Text style={{ width: 120, fontWeight: 600 }}>{of}</Text>
          <Text style={{ flex: 1 }}>
            {rows
              .map(({ label, value, source, on, against }) => {
                const from = [SOURCE_AT_HOME[source], ...(on ? [on] : [])].join(' ')
                const other = against.length
                  ? `; but also ${listed(against.map((one) => phraseText(one, system)))}`
                  : ''
                return `${label}: ${phraseText(value, system)} (${from}${other})`
              })
              .join(' · ')}
          </Text>
        </View>
      ))}
    </View>
  )
}
