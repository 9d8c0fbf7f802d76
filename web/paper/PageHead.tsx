import { Text, View } from '@react-pdf/renderer'
import type { ReactNode } from 'react'
import { dayWords } from '@hitchet/core/takehome/words'
import type { TakeHome } from '@hitchet/core/takehome/takeHome'
import { styles } from './sheet'

/** What it is of at the left; at the right who made it, and when. */
export function PageHead({
  title,
  taken: { dealership, by, on },
  children,
}: {
  title: string
  taken: TakeHome
  children: ReactNode
}) {
  return (
    <View style={styles.head}>
      <View>
        <Text style={styles.title}>{title}</Text>
        {children}
      </View>
      <View style={{ alignItems: 'flex-end' }}>
        <Text style={{ fontWeight: 600 }}>{dealership}</Text>
        <Text>
          {by}, {dayWords(on)}
        </Text>
      </View>
    </View>
  )
}
