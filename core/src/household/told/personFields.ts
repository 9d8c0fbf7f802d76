import { choice, figure, neededFigure, tick } from './field'

export const SEXES = ['female', 'male'] as const

/** Of each of the people, beside who they are to each other and what they need. */
export const PERSON_FIELDS = {
  age: neededFigure('Age', 'age', [0, 120], { width: '64px' }),
  height: figure('Height', 'length', [12, 96], { placeholder: `6'2`, width: '104px' }),
  weight: figure('Weight', 'weight', [3, 600], { placeholder: '180', width: '92px' }),
  sex: choice('Grows as', SEXES, { names: { '': 'not said', female: 'a girl, a woman', male: 'a boy, a man' } }),
  /** A guest is there on guest nights only. */
  guest: tick('Guest'),
  /** A guest who rides in the tow vehicle; others come by themselves. */
  rides: tick('Rides along in the tow vehicle'),
  /** A guest who comes only when everybody does. */
  seldom: tick('Comes only when everybody does'),
  climbs: tick('Climbs a bunk ladder', true),
} as const
