import { string } from 'yup'
import { chosenWish, wishesOf } from './chosenWishesSchema'
import { WISHABLE } from './featureWishes'

const wish = chosenWish
  .shape({
    feature: string()
      .oneOf([...new Set(WISHABLE.map(({ feature }) => feature))])
      .required(),
  })
  .test(
    'wishable',
    'something that can be read on a unit: a yes or no of the catalogue, or one of a choice',
    ({ feature, is }) => WISHABLE.some((one) => one.feature === feature && one.is === is),
  )

export const featureWishesSchema = wishesOf(wish)
