'use client'

import { Box } from '@chakra-ui/react'
import {
  CategoryScale,
  Chart,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  type ChartOptions,
} from 'chart.js'
import annotation from 'chartjs-plugin-annotation'
import { useMemo, useSyncExternalStore } from 'react'
import { Line } from 'react-chartjs-2'
import type { Camp } from '@hitchet/core/camping/camp'
import { ARRIVE, dayOf } from '@hitchet/core/camping/day'
import type { CampingFacts } from '@hitchet/core/camping/facts'
import { habitsOf } from '@hitchet/core/camping/habits'
import { limited } from '@hitchet/core/camping/lasting'
import { rigOf, unreadFor, type Resource } from '@hitchet/core/camping/rig'
import { stayOut } from '@hitchet/core/camping/stayOut'
import { RESOURCE_NAMES } from './resourceNames'

Chart.defaults.font.family = "'Figtree Variable', system-ui, sans-serif"
Chart.register(LineController, LineElement, PointElement, LinearScale, CategoryScale, Legend, annotation)

/** Color alone tells nothing: each line has its own dashes. */
const DASHES: Record<Resource, number[]> = {
  fresh: [],
  gray: [8, 3],
  black: [2, 3],
  battery: [12, 3, 2, 3],
  propane: [5, 5],
}
const COLORS: Record<Resource, string> = {
  fresh: '--h-colors-green',
  gray: '--h-colors-line',
  black: '--h-colors-ink',
  battery: '--h-colors-tight',
  propane: '--h-colors-no',
}

/** What is left of each, hour by hour, of the nights they want and one more. */
export function StayCurve({ facts, camp, nights }: { facts: CampingFacts; camp: Camp; nights: number }) {
  const dark = useDark()
  const { data, text } = useMemo(() => {
    const rig = rigOf(facts, 'least', camp.rules)
    const { trace } = stayOut(rig, camp, dayOf(rig, camp, habitsOf(camp)), nights + 1, true)
    const unread = unreadFor(facts, camp)
    const drawn = limited(camp).filter((resource) => unread[resource].length === 0)
    const style = getComputedStyle(document.documentElement)
    return {
      text: drawn
        .map((one) => `${RESOURCE_NAMES[one]} ${Math.round(100 * (trace![one].at(24 * nights - 7) ?? 0))} %`)
        .join(', '),
      data: {
        labels: trace!.fresh.map((_, hour) => hour),
        datasets: drawn.map((resource) => ({
          label: RESOURCE_NAMES[resource],
          data: trace![resource].map((left) => Math.round(left * 1000) / 10),
          borderColor: style.getPropertyValue(COLORS[resource]),
          borderDash: DASHES[resource],
          borderWidth: 2,
          pointRadius: 0,
        })),
      },
    }
    // Colors are read anew when the theme changes.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [facts, camp, nights, dark])
  const options = useMemo(() => optionsFor(nights), [nights])
  return (
    <Box h="240px" mt="3">
      <Line data={data} options={options} role="img" aria-label={`Left as they would leave: ${text}.`} />
    </Box>
  )
}

function optionsFor(nights: number): ChartOptions<'line'> {
  return {
    animation: false,
    responsive: true,
    maintainAspectRatio: false,
    scales: {
      x: {
        grid: { display: false },
        ticks: {
          autoSkip: false,
          maxRotation: 0,
          callback: (_, hour) => ((ARRIVE + hour) % 24 === 0 ? `day ${Math.round((ARRIVE + hour) / 24) + 1}` : null),
        },
      },
      y: {
        min: 0,
        max: 100,
        ticks: { stepSize: 25, callback: (value) => `${value} %` },
        title: { display: true, text: 'left' },
      },
    },
    plugins: {
      legend: { labels: { boxWidth: 34, boxHeight: 0, font: { size: 13 } } },
      annotation: {
        annotations: {
          leave: {
            type: 'line',
            scaleID: 'x',
            value: 24 * nights - 6,
            borderWidth: 2,
            label: { display: true, content: 'they leave', position: 'end', font: { size: 12 } },
          },
        },
      },
    },
  }
}

/** Whether the evening's colors are on. */
function useDark(): boolean {
  return useSyncExternalStore(
    (changed) => {
      const seen = new MutationObserver(changed)
      seen.observe(document.documentElement, { attributeFilter: ['class'] })
      return () => seen.disconnect()
    },
    () => document.documentElement.classList.contains('dark'),
    () => false,
  )
}
