'use client'

import { Field, HStack, Text, Textarea } from '@chakra-ui/react'
import { excluding } from '@hitchet/core/editing/conversion'
import { nameOnPlan } from '@hitchet/core/plan/naming'
import type { Conversion, Plan } from '@hitchet/core/plan/plan'
import { Choice, Named, Row } from './fields'

/**
 * How a bed is made up: by what name, how long, in which steps, what is gone meanwhile, and with what it cannot
 * be made together.
 */
export function ConversionFields({
  plan,
  conversion,
  onChange,
}: {
  plan: Plan
  conversion: Conversion
  onChange(plan: Plan): void
}) {
  const others = plan.conversions.filter(({ id }) => id !== conversion.id)
  const alter = (change: Partial<Conversion>) =>
    onChange({
      ...plan,
      conversions: plan.conversions.map((one) => (one.id === conversion.id ? { ...one, ...change } : one)),
    })
  const takeOrLeave = (id: string) =>
    alter({
      takes: conversion.takes.includes(id) ? conversion.takes.filter((one) => one !== id) : [...conversion.takes, id],
    })
  const things = [...plan.fixtures, ...plan.doors].map(({ id }) => id).filter((id) => !conversion.uses.includes(id))
  return (
    <Row>
      <Named label="Made up by" value={conversion.name} onSet={(name) => alter({ name })} />
      <Named
        label="Minutes"
        value={String(conversion.minutes)}
        onSet={(text) =>
          Number.isFinite(Number(text)) && Number(text) >= 0 && alter({ minutes: Math.min(120, Number(text)) })
        }
      />
      <Field.Root w="260px">
        <Field.Label fontSize="13px" mb="0">
          Steps, one to a line
        </Field.Label>
        <Textarea
          key={conversion.id}
          size="sm"
          rows={2}
          defaultValue={conversion.steps.join('\n')}
          onBlur={(event) => alter({ steps: linesOf(event.target.value) })}
        />
      </Field.Root>
      <Choice
        label="Takes away"
        value=""
        options={[
          ['', conversion.takes.map((id) => nameOnPlan(plan, id)).join(', ') || 'nothing'],
          ...things.map((id): [string, string] => [
            id,
            `${conversion.takes.includes(id) ? 'not ' : ''}${nameOnPlan(plan, id)}`,
          ]),
        ]}
        onChoose={(id) => id && takeOrLeave(id)}
      />
      {others.length > 0 && (
        <HStack as="fieldset" gap="3" fontSize="14px">
          <Text as="legend" fontSize="13px" float="left" mr="2">
            Never together with
          </Text>
          {others.map((other) => (
            <label key={other.id} className="choice">
              <input
                type="checkbox"
                checked={conversion.excludes.includes(other.id) || other.excludes.includes(conversion.id)}
                onChange={(event) => onChange(excluding(plan, conversion.id, other.id, event.target.checked))}
              />
              {other.name}
            </label>
          ))}
        </HStack>
      )}
    </Row>
  )
}

const linesOf = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim().slice(0, 200))
    .filter(Boolean)
