/** Opens and shuts the line in which a reading is written down. */
export function TakeButton({ about, onTake }: { about: string; onTake(): void }) {
  return (
    <button
      type="button"
      className="no-print"
      onClick={onTake}
      aria-label={`Take a reading: ${about}`}
      style={{
        color: 'var(--h-colors-green)',
        fontWeight: 600,
        minWidth: '44px',
        minHeight: '24px',
        cursor: 'pointer',
      }}
    >
      Take
    </button>
  )
}
