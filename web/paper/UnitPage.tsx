import { Page, Text, View } from '@react-pdf/renderer'
import { listed, phraseText } from '@hitchet/core/quantity/phrase'
import { CAUTIONS, type CautionId } from '@hitchet/core/questions/cautions'
import { costWords, figureWords, SOURCE_AT_HOME } from '@hitchet/core/takehome/words'
import { trailerName } from '@hitchet/core/trailer/trailer'
import type { TakenUnit } from '@hitchet/core/takehome/takeHome'
import { NightPlan } from './NightPlan'
import { PageFoot } from './PageFoot'
import { PageHead } from './PageHead'
import { ScaleBar } from './ScaleBar'
import type { PaperScale } from './scale'
import { MARGIN, PAGE, styles } from './sheet'
import { Ticks } from './Ticks'
import type { PaperJob } from '../contracts/paper'
import { WhoLies } from './WhoLies'
import { YearStrip } from './YearStrip'

/** Beside a plan that leaves so much of the width, points, stands who lies where; under it otherwise. */
const BESIDE = 130

/** Cautions that stand beside what this page says; the others lead the appendix. */
export const ON_THE_PAGE: readonly CautionId[] = ['ratings', 'upper-bunk', 'exits', 'hatch']

interface UnitPageProps extends PaperJob {
  unit: TakenUnit
  scale: PaperScale
  /** How many pages it took. */
  onPages(pages: number): void
}

/** A unit on one page: who lies where to scale, three sentences, its figures, the years ahead, what to read, what it costs. */
export function UnitPage({ taken, unit, size, system, scale, onPages }: UnitPageProps) {
  const { width } = PAGE[size]
  const left = width - 2 * MARGIN - (scale.frame.before + scale.frame.after) * scale.points
  return (
    <Page size={size} orientation="landscape" style={styles.page}>
      <PageHead title={`${unit.stock} ${trailerName(unit)}`} taken={taken}>
        <Text>
          {unit.layout}, {unit.year} {unit.condition}, for {listed(taken.people)}
        </Text>
      </PageHead>
      <View style={{ flexDirection: left > BESIDE ? 'row' : 'column' }}>
        <NightPlan unit={unit} scale={scale} system={system} />
        <View style={{ flex: left > BESIDE ? 1 : undefined, gap: 4 }}>
          <WhoLies unit={unit} column={left > BESIDE} />
          <ScaleBar scale={scale} system={system} />
        </View>
      </View>
      <View style={styles.columns}>
        <View style={[styles.column, { flex: 1.15 }]}>
          {unit.sentences.map((one, i) => (
            <Text key={i} style={{ fontSize: 10, marginBottom: 3 }}>
              {phraseText(one, system)}
            </Text>
          ))}
          {unit.outlook && (
            <View style={styles.rule}>
              <YearStrip outlook={unit.outlook} system={system} />
            </View>
          )}
        </View>
        <View style={[styles.column, { flex: 0.8 }]}>
          {unit.figures.map((one) => (
            <View key={one.label} style={styles.row}>
              <Text style={{ width: 62 }}>{one.label}</Text>
              <Text style={[styles.figure, { width: 62 }]}>{figureWords(one, system)}</Text>
              <Text style={styles.small}>{one.source && SOURCE_AT_HOME[one.source]}</Text>
            </View>
          ))}
        </View>
        <View style={styles.column}>
          <Text style={styles.heading}>Read these before you decide</Text>
          <Ticks all={[...unit.readFirst.atHome, ...unit.readFirst.onTheUnit]} most={READ_FIRST} />
          <View style={styles.rule}>
            <Text style={styles.heading}>What it costs</Text>
            {costWords(unit.cost).map((one) => (
              <Text key={one}>{one}</Text>
            ))}
          </View>
        </View>
      </View>
      <View style={styles.rule}>
        {ON_THE_PAGE.filter((one) => unit.cautions.includes(one)).map((one) => (
          <Text key={one} style={styles.small}>
            {CAUTIONS[one]}
          </Text>
        ))}
      </View>
      <PageFoot taken={taken} onPages={onPages} />
    </Page>
  )
}

/** So many are ticked off on the page; the appendix has them all. */
const READ_FIRST = 7
