import { Page, Text, View } from '@react-pdf/renderer'
import type { CardFigure } from '@hitchet/core/match/told/unitCard'
import { listed, phraseText } from '@hitchet/core/quantity/phrase'
import { CAUTIONS } from '@hitchet/core/questions/cautions'
import { apart } from '@hitchet/core/takehome/apart'
import { askingWords, figureWords } from '@hitchet/core/takehome/words'
import { trailerName } from '@hitchet/core/trailer/trailer'
import { VERDICT_WORDS } from '../drawing/patterns'
import { NightPlan } from './NightPlan'
import { PageFoot } from './PageFoot'
import { PageHead } from './PageHead'
import { ScaleBar } from './ScaleBar'
import type { PaperScale } from './scale'
import { styles } from './sheet'
import { ON_THE_PAGE } from './UnitPage'
import type { PaperJob } from '../contracts/paper'
import { Filling } from './YearStrip'

/** So many answers that differ are told on the page; the appendix has them all. */
const ANSWERED = 9

interface ComparisonPageProps extends PaperJob {
  scale: PaperScale
  /** How many pages it took. */
  onPages(pages: number): void
}

/** Two to four units on one page: their nights to one scale, a sentence each, and every figure in which they differ. */
export function ComparisonPage({ taken, size, system, scale, onPages }: ComparisonPageProps) {
  const { units } = taken
  const { figures, answers } = apart(units)
  const answered = answers.slice(0, ANSWERED)
  return (
    <Page size={size} orientation="landscape" style={styles.page}>
      <PageHead title={listed(units.map(({ stock }) => stock))} taken={taken}>
        <Text>For {listed(taken.people)}, to one scale</Text>
        <ScaleBar scale={scale} system={system} />
      </PageHead>
      {units.map((unit) => (
        <View
          key={unit.stock}
          style={{ flexDirection: 'row', gap: 12, borderTopWidth: 0.5, borderTopColor: '#777777', paddingTop: 2 }}
        >
          <NightPlan unit={unit} scale={scale} system={system} />
          <View style={{ flex: 1 }}>
            <Text style={{ fontSize: 11, fontWeight: 600 }}>
              {unit.stock} {trailerName(unit)}
            </Text>
            {unit.sentences.slice(0, 2).map((one, i) => (
              <Text key={i}>{phraseText(one, system)}</Text>
            ))}
            {unit.night.unplaced.length > 0 && (
              <Text style={{ fontWeight: 600 }}>No berth for {listed(unit.night.unplaced)}</Text>
            )}
          </View>
        </View>
      ))}
      <View style={[styles.rule, { flexDirection: 'row', gap: 18 }]}>
        <View style={{ flex: 1.4 }}>
          <View style={{ flexDirection: 'row' }}>
            <Text style={{ width: 74, fontWeight: 600 }}>Where they differ</Text>
            {units.map(({ stock }) => (
              <Text key={stock} style={{ flex: 1, fontWeight: 600 }}>
                {stock}
              </Text>
            ))}
          </View>
          {figures.map(({ label, cells }) => (
            <FigureRow key={label} system={system} label={label} cells={cells} />
          ))}
        </View>
        <View style={{ flex: 1 }}>
          <View style={{ flexDirection: 'row' }}>
            <Text style={{ width: 62, fontWeight: 600 }}>Answered</Text>
            {units.map(({ stock }) => (
              <Text key={stock} style={{ flex: 1, fontWeight: 600 }}>
                {stock}
              </Text>
            ))}
          </View>
          {answered.map(({ short, cells }) => (
            <View key={short} style={styles.row}>
              <Text style={{ width: 56 }}>{short}</Text>
              {cells.map((verdict, i) => (
                <View key={i} style={{ flex: 1, flexDirection: 'row', gap: 3, alignItems: 'center' }}>
                  {verdict && <Filling verdict={verdict} />}
                  <Text>{verdict && VERDICT_WORDS[verdict]}</Text>
                </View>
              ))}
            </View>
          ))}
          {answered.length === 0 && <Text>Every question was answered alike.</Text>}
        </View>
      </View>
      <View style={styles.rule}>
        {ON_THE_PAGE.filter((one) => units.some(({ cautions }) => cautions.includes(one))).map((one) => (
          <Text key={one} style={styles.small}>
            {CAUTIONS[one]}
          </Text>
        ))}
      </View>
      <PageFoot taken={taken} onPages={onPages} />
    </Page>
  )
}

function FigureRow({
  label,
  cells,
  system,
}: {
  label: string
  cells: readonly CardFigure[]
  system: PaperJob['system']
}) {
  return (
    <View style={styles.row}>
      <Text style={{ width: 68 }}>{label}</Text>
      {cells.map((one, i) => (
        <Text key={i} style={[styles.figure, { flex: 1, fontSize: 10 }]}>
          {label === 'Asking' ? askingWords(one.value) : figureWords(one, system)}
        </Text>
      ))}
    </View>
  )
}
