'use client'

import { HStack, RadioGroup } from '@chakra-ui/react'

interface SegmentsProps<Value extends string> {
  label: string
  value: Value
  onChange(value: Value): void
  options: readonly { value: Value; name: string; key?: string }[]
}

/** One of a few, all in sight, with the key that chooses it. */
export function Segments<Value extends string>({ label, value, onChange, options }: SegmentsProps<Value>) {
  return (
    <RadioGroup.Root maxW="100%" value={value} onValueChange={(change) => onChange(change.value as Value)}>
      <RadioGroup.Label className="sr-only">{label}</RadioGroup.Label>
      <HStack
        gap="0"
        borderWidth="1px"
        borderColor="line"
        borderRadius="6px"
        overflowX="auto"
        overflowY="hidden"
        bg="bar"
      >
        {options.map((option) => (
          <RadioGroup.Item
            key={option.value}
            value={option.value}
            px="3"
            h="32px"
            flex="none"
            cursor="pointer"
            _checked={{ bg: 'ink', color: 'bar' }}
            _focusWithin={{ outline: '2px solid', outlineColor: 'green', outlineOffset: '-3px' }}
            borderLeftWidth="1px"
            borderColor="hair"
            _first={{ borderLeftWidth: 0 }}
          >
            <RadioGroup.ItemHiddenInput />
            <RadioGroup.ItemText fontWeight="500" fontSize="14.5px">
              {option.name}
              {option.key && (
                <span aria-hidden className="figure" style={{ marginLeft: '7px', fontSize: '12px', opacity: 0.75 }}>
                  {option.key}
                </span>
              )}
            </RadioGroup.ItemText>
          </RadioGroup.Item>
        ))}
      </HStack>
    </RadioGroup.Root>
  )
}
