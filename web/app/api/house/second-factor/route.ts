import { object, string } from 'yup'
import { SECOND_FACTOR_OF, type SecondFactorOf } from '../../../../contracts/secondFactor'
import { handler } from '../../../../server/http/handler'
import { requireSecondFactor } from '../../../../server/services/people/people'

const body = object({ of: string().oneOf(SECOND_FACTOR_OF).required() })

/** Of whom a second factor is asked from now on. */
export const PUT = handler<object, { of: SecondFactorOf }>(
  'run the office',
  ({ body: { of }, account }) => requireSecondFactor(of, account),
  { body, most: 1_000 },
)
