import '../../flaws/wording'
import { array, string } from 'yup'
import { objectOf } from '../../flaws/objectOf'
import type { FeatureWish } from './featureWishes'

export const chosenWish = objectOf<FeatureWish>()({
  feature: string().required(),
  is: string().max(60),
  stance: string().oneOf(['must', 'want', 'avoid']).required(),
})

const MOST = 60

export const wishesOf = (wish: typeof chosenWish) =>
  array(wish.required()).max(MOST, `at most ${MOST} wishes`).default(undefined)

/** Wishes as they were chosen from the list, or kept: what they are about is not looked up once more. */
export const chosenWishesSchema = wishesOf(chosenWish)
