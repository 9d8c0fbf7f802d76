import '../flaws/wording'
import { array, string } from 'yup'
import { FEATURE_IDS } from '../features/catalogue'
import { objectOf } from '../flaws/objectOf'
import { WISHABLE, type FeatureWish } from './featureWishes'

const wish = objectOf<FeatureWish>()({
  feature: string().oneOf(FEATURE_IDS).required(),
  is: string().max(60),
  stance: string().oneOf(['want', 'avoid']).required(),
}).test('wishable', 'a yes or no of the catalogue, or one of the choices of a feature', ({ feature, is }) =>
  WISHABLE.some((one) => one.feature === feature && one.is === is),
)

export const featureWishesSchema = array(wish.required()).max(60, 'at most 60 wishes').default(undefined)
