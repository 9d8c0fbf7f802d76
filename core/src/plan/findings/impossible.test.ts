import { describe, expect, it } from 'vitest'
import { phraseText } from '../../quantity/phrase'
import { exits } from '../../questions/exits/exits'
import { answerTo } from '../../testing/answerTo'
import { household, person } from '../../testing/someone'
import { berth, emptyPlan, fixture, unit } from '../../testing/unit'
import { impossibleIn, withoutImpossible } from './impossible'
import type { Plan } from '../plan'

const found = (plan: Partial<Plan>) => impossibleIn(emptyPlan(plan)).map(({ ids }) => ids.join(' '))
const slide = { id: 's', wall: 'off-door' as const, start: 60, length: 100, depth: 30 }
const exit = (id: string, x: number, y = 0, long = 30) => ({
  id,
  kind: 'exit' as const,
  from: [x, y] as [number, number],
  to: [x + long, y] as [number, number],
})

describe('what cannot be drawn so', () => {
  it('a window or an entry door in a slide’s opening: there is no wall; in the slide’s back there is one', () => {
    expect(found({ slides: [slide], windows: [exit('w', 80)] })).toEqual(['w s'])
    expect(found({ slides: [slide], windows: [exit('w', 80, -30)] })).toEqual([])
    expect(found({ slides: [slide], windows: [exit('w', 20)] })).toEqual([])
    const door = {
      id: 'd',
      kind: 'entry' as const,
      from: [90, 0] as [number, number],
      to: [118, 0] as [number, number],
    }
    expect(found({ slides: [slide], doors: [door] })).toEqual(['d s'])
  })
  it('two openings that share wall, a window inside a window, two slides in one place', () => {
    expect(found({ windows: [exit('large', 20, 0, 60), exit('small', 30, 0, 20)] })).toEqual(['small large'])
    expect(found({ windows: [exit('a', 150, 96)] })).toEqual(['a entry'])
    expect(found({ windows: [exit('a', 20), exit('b', 50)] })).toEqual([])
    expect(found({ slides: [slide, { ...slide, id: 't', start: 150 }] })).toEqual(['s t'])
  })
  it('a slide that comes in across an inside wall', () => {
    const wall = (x: number) => ({
      id: 'w',
      from: [x, 2] as [number, number],
      to: [x, 60] as [number, number],
      thickness: 2,
    })
    expect(found({ slides: [slide], walls: [wall(100)] })).toEqual(['s w'])
    expect(found({ slides: [slide], walls: [wall(161)] })).toEqual([])
  })
  it('a TV that hangs on nothing or on a curtain; on a wall, a tall cabinet or a counter it hangs or stands', () => {
    const tv = fixture('tv', [100, 40, 3, 24], {}, { faces: 'rear' })
    const behind = { id: 'x', from: [98, 40] as [number, number], to: [98, 64] as [number, number] }
    expect(found({ fixtures: [tv] })).toEqual(['tv'])
    expect(found({ fixtures: [tv], doors: [{ ...behind, kind: 'curtain' }] })).toEqual(['tv'])
    expect(found({ fixtures: [tv], walls: [{ ...behind, thickness: 2 }] })).toEqual([])
    expect(found({ fixtures: [tv, fixture('tall-cabinet', [80, 38, 18, 28])] })).toEqual([])
    expect(found({ fixtures: [tv, fixture('counter', [90, 38, 18, 28])] })).toEqual([])
    expect(found({ fixtures: [fixture('tv', [100, 2, 24, 3], {}, { faces: 'door' })] })).toEqual([])
  })
  it('is not counted on: nobody gets out by a window that has no wall', () => {
    const bed = berth('bed', 60, 74, { shape: { rect: [70, 2, 74, 60] }, access: ['door'], head: 'front' })
    const family = household([person()])
    const wayOut = (plan: Partial<Plan>) =>
      answerTo(exits, unit({ berths: [bed], fixtures: [fixture('fridge', [200, 4, 20, 20])], ...plan }), family)
    expect(wayOut({ windows: [exit('w', 90)] }).verdict).toBe('fits')
    expect(wayOut({ windows: [exit('w', 90)], slides: [slide] }).verdict).toBe('tight')
    expect(withoutImpossible(emptyPlan({ slides: [slide], windows: [exit('w', 80)] })).windows).toEqual([])
  })
  it('each is said', () =>
    expect(phraseText(impossibleIn(emptyPlan({ slides: [slide], windows: [exit('w', 80)] }))[0]!.says)).toMatch(
      /is drawn in the opening of a slide/,
    ))
})
