import '../flaws/wording'
import { array, string } from 'yup'
import { objectOf } from '../flaws/objectOf'
import { WISHABLE, type FeatureWish } from './featureWishes'

const wish = objectOf<FeatureWish>()({
  feature: string()
    .oneOf([...new Set(WISHABLE.map(({ feature }) => feature))])
    .required(),
  is: string().max(60),
  stance: string().oneOf(['must', 'want', 'avoid']).required(),
}).test(
  'wishable',
  'something that can be read on a unit: a yes or no of the catalogue, or one of a choice',
  ({ feature, is }) => WISHABLE.some((one) => one.feature === feature && one.is === is),
)

export const featureWishesSchema = array(wish.required()).max(60, 'at most 60 wishes').default(undefined)
