import '../../flaws/wording'
import { string } from 'yup'
import { FEATURE_IDS } from '../../features/catalogue'
import { objectOf } from '../../flaws/objectOf'
import { WISHABLE } from './featureWishes'
import { FEELINGS, type Reaction, type Subject } from './reaction'
import { STANCE_IDS } from './stances'

export const reactionSchema = objectOf<Reaction>()({
  subject: objectOf<Subject>()({
    stance: string().oneOf(STANCE_IDS),
    feature: string().oneOf(FEATURE_IDS),
    is: string().max(60),
    place: string().max(80),
  })
    .required()
    .test('subject', 'one thing that they were asked about', isSubject),
  feels: string().oneOf(FEELINGS).required(),
  word: string().max(200),
})

function isSubject({ stance, feature, is, place }: Subject): boolean {
  const said = [stance, feature, place].filter((one) => one !== undefined)
  return (
    said.length === 1 && (feature === undefined || WISHABLE.some((one) => one.feature === feature && one.is === is))
  )
}
