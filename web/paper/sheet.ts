import { StyleSheet } from '@react-pdf/renderer'
import type { PaperSize } from '../contracts/paper'
import { FIGURES, TEXT } from './fonts'

/** Lying: a trailer is long and low. Points, 72 to the inch. */
export const PAGE: Record<PaperSize, { width: number; height: number }> = {
  LETTER: { width: 792, height: 612 },
  A4: { width: 841.89, height: 595.28 },
}
export const MARGIN = 32

/**
 * Everything is told by form and word: no style rests on color. The page has no line height of its own: what is laid out a
 * second time, as page numbers are, would get it twice.
 */
export const styles = StyleSheet.create({
  page: { padding: MARGIN, paddingBottom: 40, fontFamily: TEXT, fontSize: 8.7, color: '#000000' },
  head: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'flex-end', marginBottom: 4 },
  title: { fontSize: 17, fontWeight: 600, lineHeight: 1.1 },
  small: { fontSize: 8, color: '#333333' },
  heading: { fontSize: 10, fontWeight: 600, marginBottom: 2 },
  columns: { flexDirection: 'row', gap: 18, marginTop: 6 },
  column: { flex: 1 },
  figure: { fontFamily: FIGURES, fontWeight: 600, fontSize: 11.5, lineHeight: 1.2 },
  rule: { borderTopWidth: 0.75, borderTopColor: '#000000', paddingTop: 4, marginTop: 4 },
  row: {
    flexDirection: 'row',
    gap: 6,
    borderTopWidth: 0.4,
    borderTopColor: '#999999',
    paddingVertical: 1.2,
    alignItems: 'center',
  },
  foot: {
    position: 'absolute',
    bottom: 20,
    left: MARGIN,
    right: MARGIN,
    flexDirection: 'row',
    justifyContent: 'space-between',
    fontSize: 7.5,
    color: '#333333',
  },
})
