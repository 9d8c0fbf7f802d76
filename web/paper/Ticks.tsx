import { Text, View } from '@react-pdf/renderer'

/** A list to tick off with a pen; what goes beyond `most` is counted. */
export function Ticks({ all, most }: { all: readonly string[]; most: number }) {
  const more = all.length - most
  return (
    <>
      {all.slice(0, most).map((one) => (
        <View key={one} style={{ flexDirection: 'row', gap: 4 }}>
          <View style={{ width: 7, height: 7, marginTop: 2, borderWidth: 0.7, borderColor: '#000000' }} />
          <Text style={{ flex: 1 }}>{one}</Text>
        </View>
      ))}
      {more > 0 && <Text>and {more} more in the appendix</Text>}
    </>
  )
}
